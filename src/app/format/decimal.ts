import { formatsWords } from '../words/english/formats';

/** A typed number, or one sentence that says what to do, with what may have been meant. */
export type TypedNumber =
  | { readonly ok: true; readonly value: number }
  | { readonly ok: false; readonly sentence: string; readonly meant?: readonly string[] };

const PLAIN = /^[+-]?(\d+\.?\d*|\.\d+)$/;

/** "1,200": twelve hundred to some, one and a fifth to others. */
const EITHER = /^([+-]?[1-9]\d{0,2}),(\d{3})$/;

/** Groups of three that nobody could mean otherwise: "1,200.5", "1.200,5", "1,200,000", "1 200". */
const GROUPED: readonly (readonly [RegExp, group: RegExp])[] = [
  [/^[+-]?[1-9]\d{0,2}(,\d{3})+\.\d*$/, /,/g],
  [/^[+-]?[1-9]\d{0,2}(,\d{3}){2,}$/, /,/g],
  [/^[+-]?[1-9]\d{0,2}(\.\d{3})+,\d*$/, /\./g],
  [/^[+-]?[1-9]\d{0,2}(\.\d{3}){2,}$/, /\./g],
  [/^[+-]?[1-9]\d{0,2}( \d{3})+([.,]\d*)?$/, / /g],
];

const wrong = (sentence: string): TypedNumber => ({ ok: false, sentence });

/**
 * Reads a number as people type it: a comma counts as the decimal point, a trailing % is dropped,
 * so is a true minus sign, so are marks between thousands. Where "1,200" could be two numbers, it asks.
 */
export function readDecimal(text: string): TypedNumber {
  const typed = text
    .trim()
    .replace(/\s*%$/, '')
    .replace('−', '-')
    .replace(/[\u00a0\u202f]/g, ' ');
  if (typed === '') return wrong(formatsWords.typeANumber());
  const either = EITHER.exec(typed);
  if (either) {
    const meant = [`${either[1]}${either[2]}`, String(Number(`${either[1]}.${either[2]}`))];
    const [thousands = '', point = ''] = meant;
    return { ok: false, sentence: formatsWords.isItThis({ typed, thousands, point }), meant };
  }
  const group = GROUPED.find(([shape]) => shape.test(typed))?.[1];
  const plain = group ? typed.replace(group, '') : typed;
  if (/[.,].*[.,]/.test(plain)) return wrong(formatsWords.useASingleDecimalPoint());
  const pointed = plain.replace(',', '.');
  if (PLAIN.test(pointed)) return { ok: true, value: Number(pointed) };
  return wrong(formatsWords.isNotANumberType({ text: text.trim() }));
}

/** A number for a text field, without trailing zeros. */
export function decimalText(value: number, digits = 2): string {
  return String(Number(value.toFixed(digits)));
}
