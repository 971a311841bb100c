export { faultsOfZod, pointerOf, FAULT_CODES, type Fault, MAX_FAULTS } from './fault.js';
export { idSchema } from './ids.js';
export { listed } from './listed.js';
export { withArticle } from './article.js';
export { upperFirst, lowerFirst, inSentence } from './in-sentence.js';
export { foldText } from './fold.js';
export { addDays, daysBetween, writesMonthFirst } from './days.js';
export {
  instantOf,
  isTimeZone,
  localMoment,
  offsetMinutes,
  timeZoneSchema,
  type LocalMoment,
} from './zone.js';
export { fromMl, ML_PER_MEASURE, READER_MEASURES, type ReaderMeasure } from './volume.js';
export { minorDigits, formatMoney, moneyStepMinor, parseMoney, MAX_MINOR } from './money.js';
export { COUNT_MEASURES } from './measure-words.js';
export { amountMl, type Amount } from './amount.js';
export { printVolume, printAmount } from './print-amount.js';
export {
  problemType,
  PROBLEMS,
  type ProblemName,
  problemDetailsSchema,
  type ProblemDetails,
} from './problem-details.js';
export { randomFrom } from './random.js';
