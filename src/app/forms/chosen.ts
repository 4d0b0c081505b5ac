import type { Codec } from '../entry/codec';
import { codec } from '../entry/codecs';

/** Any number of the records that the screen offers. */
export const chosenOf = (label: string): Codec<string[], string[]> =>
  codec<string[], string[]>(
    { as: 'checks', label },
    [],
    (value) => [...value],
    (typed) => typed,
  );
