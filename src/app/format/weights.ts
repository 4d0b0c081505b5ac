import type { Preferences } from '../../records';
import type { TypedNumber } from './decimal';
import { readWithUnit } from './typedUnits';
import { unitOf } from './units';

/** Weights read off a scale one after the other [kg], or one sentence that says what to do. */
export type TypedWeights =
  | { readonly ok: true; readonly kg: readonly number[] }
  | { readonly ok: false; readonly sentence: string };

/** A unit belongs to the number before it. */
const BEFORE_UNIT = /(\d)\s+(?=(?:kgs?|g|lbs?|oz)\b)/gi;

/** "24.1, 23.8" and "24,1 23,8": a comma parts weights only where a space follows or points mark decimals. */
function tokensOf(text: string): string[] {
  const plain = text.replace(BEFORE_UNIT, '$1').replace(/,(?=\s)|;/g, ' ');
  const parted = /\d\.\d/.test(plain) ? plain.replace(/,/g, ' ') : plain;
  return parted.split(/\s+/).filter((token) => token !== '');
}

/** Weights as they are typed one after the other, in the keeper's unit where none is named. */
export function readWeights(text: string, preferences: Preferences): TypedWeights {
  const unit = unitOf('mass', preferences);
  const typed = tokensOf(text).map((token) => readWithUnit(token, unit.name, preferences));
  const wrong = typed.find((one): one is Extract<TypedNumber, { ok: false }> => !one.ok);
  if (wrong) return { ok: false, sentence: wrong.sentence };
  return { ok: true, kg: typed.flatMap((one) => (one.ok ? [unit.toBase(one.value)] : [])) };
}
