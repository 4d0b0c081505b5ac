import type { Preferences } from '../../records';
import { formatsWords } from '../words/english/formats';
import { unitOf, type Quantity } from './units';

/** Digits behind the point at most. */
const MOST_DIGITS = 3;

/** "17.4 ± 0.3", or "about 17.4" where the doubt is too small to be seen at so many digits. */
export function doubtful(value: number, plusMinus: number, digits = 1): string {
  const half = plusMinus.toFixed(digits);
  return Number(half) === 0
    ? formatsWords.about({ value: value.toFixed(digits) })
    : formatsWords.doubtful({ value: value.toFixed(digits), half });
}

/** "12.3 ± 0.4 kg" in the keeper's unit, with a digit more where the doubt is below the last one. */
export function formatDoubtful(
  value: number,
  plusMinus: number,
  quantity: Quantity,
  preferences: Preferences,
): string {
  const unit = unitOf(quantity, preferences);
  const half = Math.abs(unit.fromBase(plusMinus) - unit.fromBase(0));
  let digits = 1;
  while (digits < MOST_DIGITS && half > 0 && Number(half.toFixed(digits)) === 0) digits += 1;
  return formatsWords.withUnit({
    figure: doubtful(unit.fromBase(value), half, digits),
    unit: unit.name,
  });
}
