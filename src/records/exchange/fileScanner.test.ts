import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { FileScanner } from './fileScanner';

/** The value of a text as it comes in pieces: the elements of its top lists, and the rest. */
function scanned(text: string, cuts: readonly number[]): { rest: unknown; elements: unknown[] } {
  const elements: unknown[] = [];
  const scanner = new FileScanner((one) => elements.push(JSON.parse(one)));
  const places = [0, ...[...cuts].sort((a, b) => a - b), text.length];
  places.slice(1).forEach((to, at) => scanner.feed(text.slice(places[at], to)));
  return { rest: JSON.parse(scanner.skeleton), elements };
}

describe('a file of JSON parted as it comes in', () => {
  test('gives what the platform’s parser gives, wherever it is cut', () => {
    const file = fc.record({ head: fc.json(), records: fc.array(fc.jsonValue()) });
    fc.assert(
      fc.property(file, fc.boolean(), fc.array(fc.nat(4000)), ({ head, records }, wide, cuts) => {
        const text = JSON.stringify({ head, records, tail: '"]}\\' }, null, wide ? 2 : 0);
        const { rest, elements } = scanned(
          text,
          cuts.map((cut) => cut % (text.length + 1)),
        );
        expect(elements).toEqual(JSON.parse(JSON.stringify(records)));
        expect(rest).toEqual({ head, records: [], tail: '"]}\\' });
      }),
      { numRuns: 400 },
    );
  });

  test.each(['{"a":[1,]}', '{"a":[,1]}', '{"a":[1,,2]}'])('a hole in a list: %s', (text) => {
    expect(() => scanned(text, [])).toThrow(SyntaxError);
  });

  test.each(['{"a":[1}', '{"a":[1]', '{"a":[1]]}', '{"a":[1] "b":2}', '[1,2', ''])(
    'what is no JSON is found at the end: %s',
    (text) => {
      expect(() => scanned(text, [])).toThrow(SyntaxError);
    },
  );
});
