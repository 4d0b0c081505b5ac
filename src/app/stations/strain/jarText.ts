import type { JarSize } from '../../../core';
import { readJarKg, type JarHoney } from '../../format/jarSize';
import { lineWords } from '../../words/english/line';

/** What was typed of jars, or one sentence that says what to do. */
export type JarsTyped =
  | { readonly ok: true; readonly sizes: readonly JarSize[] }
  | { readonly ok: false; readonly sentence: string };

function readSize(part: string, honey: JarHoney): JarSize | string {
  const [, size = '', count] = /^(.*?)(?:\s*[x×*]\s*(\d+))?$/i.exec(part) ?? [];
  const netKg = readJarKg(size, honey);
  if (netKg === null) return lineWords.isNotASizeType({ part });
  if (!(netKg >= 0.01 && netKg <= 20)) return lineWords.aJarHoldsGTo();
  return { netKg, atMost: count === undefined ? null : Number(count) };
}

/** Sizes of jars as people write them: "500 g, 250 g × 20, 1 lb, quart × 6". */
export function readJarSizes(text: string, honey: JarHoney): JarsTyped {
  const parts = text
    .split(/[;\n]|,(?!\d)/)
    .map((part) => part.trim())
    .filter((part) => part !== '');
  if (parts.length === 0) return { ok: false, sentence: lineWords.typeAtLeastOneSize() };
  const sizes: JarSize[] = [];
  for (const part of parts) {
    const size = readSize(part, honey);
    if (typeof size === 'string') return { ok: false, sentence: size };
    sizes.push(size);
  }
  return { ok: true, sizes };
}
