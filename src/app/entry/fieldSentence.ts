import type { Preferences } from '../../records';
import { wrongMessage } from '../../records';
import { formsWords } from '../words/english/forms';
import { tell } from '../words/tell';
import type { AnyCodec } from './codec';

/** Limits with more digits than this are rounded as a person would [significant digits]. */
const DIGITS = 4;

const plain = new Intl.NumberFormat('en', { maximumSignificantDigits: DIGITS });

/** A limit as it would be typed into the field, in the keeper's unit. */
function asTyped(limit: number, codec: AnyCodec, preferences: Preferences): string {
  const typed = codec.fill(limit as never, preferences);
  const value = typeof typed === 'string' && typed !== '' ? Number(typed) : NaN;
  return plain.format(Number.isFinite(value) ? value : limit).replace('-', '−');
}

function unitOf({ look }: AnyCodec, preferences: Preferences): string {
  const unit = look?.unit;
  if (unit === undefined) return '';
  return ` ${typeof unit === 'function' ? unit(preferences) : unit}`;
}

/** What is wrong with a field, as the schema says it, with limits in the unit in which it is typed. */
export function fieldSentence(
  text: string,
  codec: AnyCodec | undefined,
  preferences: Preferences,
): string {
  const message = wrongMessage(text);
  const { low, high } = message.values ?? {};
  const isNumber = codec?.look?.as === 'text' && codec.look.type === undefined;
  if (!isNumber || typeof low !== 'number') return tell(message, preferences);
  const typedAs = codec.part ?? codec;
  const limits = {
    low: asTyped(low, typedAs, preferences),
    high: asTyped(typeof high === 'number' ? high : low, typedAs, preferences),
    unit: unitOf(typedAs, preferences),
  };
  switch (message.key) {
    case 'records.between':
      return formsWords.between(limits);
    case 'records.whole':
      return formsWords.whole(limits);
    case 'records.atLeast':
      return formsWords.atLeast(limits);
    default:
      return tell(message, preferences);
  }
}
