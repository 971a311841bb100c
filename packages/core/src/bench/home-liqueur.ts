import { bisect } from '../base/numbers.js';
import {
  abvOf,
  compositionOfSpirit,
  NOTHING,
  times,
  together,
  volumeMl,
  type Composition,
} from './composition.js';

/** A liqueur from spirit and syrup. */
export interface HomeLiqueur {
  /** Grams of spirit to a gram of syrup. */
  spiritToSyrup: number;
  abv: number;
  sugarGPerL: number;
}

function mixed(spirit: Composition, syrup: Composition, ratio: number): HomeLiqueur {
  const mix = together(times(spirit, ratio), syrup);
  return { spiritToSyrup: ratio, abv: abvOf(mix), sugarGPerL: (mix.sugarG / volumeMl(mix)) * 1000 };
}

/** More spirit than this to a gram of syrup is no liqueur. */
const MAX_RATIO = 50;

/**
 * How much spirit a syrup takes to come to a strength, by mass balance and OIML R 22.
 *
 * @param syrupBrix of the syrup; @param spiritAbv of the spirit; @param abv wanted, below the spirit's.
 * @throws RangeError when the spirit is not stronger than what is wanted.
 * @example homeLiqueur(65, 0.96, 0.25).spiritToSyrup
 */
export function homeLiqueur(syrupBrix: number, spiritAbv: number, abv: number): HomeLiqueur {
  if (!(abv > 0 && abv < spiritAbv)) throw new RangeError('the spirit must be stronger than the liqueur');
  const spirit = compositionOfSpirit(spiritAbv);
  const syrup = { ...NOTHING, sugarG: syrupBrix / 100, waterG: 1 - syrupBrix / 100 };
  // The strength rises with the share of spirit.
  const ratio = bisect((r) => mixed(spirit, syrup, r).abv, abv, 0, MAX_RATIO);
  return mixed(spirit, syrup, ratio);
}
