export { calibrateByWater, calibrateByPours, type Calibration } from './calibrate.js';
export { measuringLines, measuringPlan, type MeasuringLine, type MeasuringPlan } from './measuring-plan.js';
export {
  measuredAmounts,
  scoreMeasures,
  rankJiggers,
  MIN_MEASURED_ML,
  type MeasureScore,
  type JiggerScore,
} from './best-jigger.js';
export { cupInside } from './cup-shape.js';
