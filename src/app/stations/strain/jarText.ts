import { KG_PER_OUNCE, KG_PER_POUND, type JarSize } from '../../../core';
import { readDecimal } from '../../format/decimal';
import { lineWords } from '../../words/english/line';

/** What was typed of jars, or one sentence that says what to do. */
export type JarsTyped =
  | { readonly ok: true; readonly sizes: readonly JarSize[] }
  | { readonly ok: false; readonly sentence: string };

const UNITS: Readonly<Record<string, number>> = {
  g: 0.001,
  kg: 1,
  oz: KG_PER_OUNCE,
  lb: KG_PER_POUND,
};

function readOne(part: string): JarSize | string {
  const found = /^([\d.,]+)\s*(g|kg|oz|lb)?(?:\s*[x×*]\s*(\d+))?$/i.exec(part);
  const said = lineWords.isNotASizeType({ part });
  if (!found) return said;
  const number = readDecimal(found[1] ?? '');
  if (!number.ok) return said;
  const netKg = number.value * (UNITS[(found[2] ?? 'g').toLowerCase()] ?? 0.001);
  if (!(netKg >= 0.01 && netKg <= 20)) return lineWords.aJarHoldsGTo();
  return { netKg, atMost: found[3] === undefined ? null : Number(found[3]) };
}

/** Sizes of jars as people write them: "500 g, 250 g × 20, 1 lb". */
export function readJarSizes(text: string): JarsTyped {
  const parts = text
    .split(/[;\n]|,(?!\d)/)
    .map((one) => one.trim())
    .filter((one) => one !== '');
  if (parts.length === 0) return { ok: false, sentence: lineWords.typeAtLeastOneSize() };
  const sizes: JarSize[] = [];
  for (const part of parts) {
    const one = readOne(part);
    if (typeof one === 'string') return { ok: false, sentence: one };
    sizes.push(one);
  }
  return { ok: true, sizes };
}
