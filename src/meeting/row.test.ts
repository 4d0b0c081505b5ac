import { describe, expect, test } from '@jest/globals';
import { MOST_ROW_BYTES, RowReading, rowOf } from './row';

/** A text that packs badly, drawn by a plain congruence. */
function noise(length: number): string {
  let state = 7;
  return Array.from({ length }, () => {
    state = (state * 16_807) % 2_147_483_647;
    return String.fromCharCode(33 + (state % 90));
  }).join('');
}

async function textsOf(content: string): Promise<readonly string[]> {
  const { texts } = await rowOf(new Blob([content]));
  if (!texts) throw new Error('too large');
  return texts;
}

describe('a row of codes', () => {
  test('gives the file again, in any order, with codes twice and strangers between', async () => {
    const content = noise(9000);
    const texts = await textsOf(content);
    expect(texts.length).toBeGreaterThan(15);
    const reading = new RowReading();
    for (const text of [...texts.slice(3), 'https://elsewhere', ...texts].reverse()) {
      expect(reading.add(text)).toBe(text !== 'https://elsewhere');
    }
    expect(reading.soFar()).toEqual({ count: texts.length, missing: [] });
    expect(await (await reading.file()).text()).toBe(content);
  });

  test('says which codes are missing', async () => {
    const texts = await textsOf(noise(4000));
    const reading = new RowReading();
    texts.forEach((text, at) => at !== 1 && at !== 4 && reading.add(text));
    expect(reading.soFar()).toEqual({ count: texts.length, missing: [2, 5] });
  });

  test('begins anew with another row, and takes no code that was changed', async () => {
    const [first, second] = [await textsOf(noise(3000)), await textsOf(noise(3001))];
    const reading = new RowReading();
    first.forEach((text) => reading.add(text));
    reading.add(second[0] ?? '');
    expect(reading.soFar().missing).toHaveLength(second.length - 1);
    second.forEach((text, at) => reading.add(at === 2 ? text.replace(/.{8}$/, 'AAAAAAAA') : text));
    await expect(reading.file()).rejects.toThrow('do not belong together');
    expect(reading.soFar().missing).toHaveLength(second.length);
    expect(reading.add('RIPENUM-ROW:0123456789abcdef:0:1:=A=')).toBe(false);
  });

  test('is refused where it would be longer than anybody holds a phone still', async () => {
    const { texts, bytes } = await rowOf(new Blob([noise(60_000)]));
    expect(texts).toBeNull();
    expect(bytes).toBeGreaterThan(MOST_ROW_BYTES);
  });
});
