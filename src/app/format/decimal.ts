import { formatsWords } from '../words/english/formats';

/** A typed number, or one sentence that says what to do. */
export type TypedNumber =
  { readonly ok: true; readonly value: number } | { readonly ok: false; readonly sentence: string };

const PLAIN = /^[+-]?(\d+\.?\d*|\.\d+)$/;

/**
 * Reads a number as people type it: a comma counts as the decimal point, a trailing % is dropped,
 * so is a true minus sign.
 */
export function readDecimal(text: string): TypedNumber {
  const plain = text.trim().replace(/\s*%$/, '').replace('−', '-');
  if (plain === '') return { ok: false, sentence: formatsWords.typeANumber() };
  if (/[.,].*[.,]/.test(plain)) {
    return { ok: false, sentence: formatsWords.useASingleDecimalPoint() };
  }
  const pointed = plain.replace(',', '.');
  if (!PLAIN.test(pointed)) {
    return {
      ok: false,
      sentence: formatsWords.isNotANumberType({ text: text.trim() }),
    };
  }
  return { ok: true, value: Number(pointed) };
}

/** A number for a text field, without trailing zeros. */
export function decimalText(value: number, digits = 2): string {
  return String(Number(value.toFixed(digits)));
}
