import { flowContentSchema, type FlowContent } from '../../../records';
import type { Codec } from '../../entry/codec';
import { codec, choicesOf, day, optional, several, words, yesNo } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { commonWords } from '../../words/english/common';
import { hiveFormWords } from '../../words/english/hiveForm';

type Taste = FlowContent['taste'];

const taste: Codec<Taste, string> = codec<Taste, string>(
  {
    as: 'choice',
    label: hiveFormWords.tasteOfItsHoney(),
    choices: choicesOf({
      '': hiveFormWords.notKnown(),
      good: hiveFormWords.good(),
      poor: hiveFormWords.poor(),
    }),
  },
  '',
  (value) => value ?? '',
  (typed) => (typed === '' ? null : (typed as Taste)),
);

/** A flow; days not seen yet are empty. */
export const flowEntry = entryOf(flowContentSchema, {
  name: words(commonWords.name()),
  plant: words(hiveFormWords.plant(), { hint: hiveFormWords.emptyWhileUnknown() }),
  yardIds: several(hiveFormWords.yardsInReach()),
  expectedStart: day(hiveFormWords.expectedFrom()),
  expectedEnd: day(hiveFormWords.expectedTo()),
  observedStart: optional(day(hiveFormWords.seenFrom())),
  observedEnd: optional(day(hiveFormWords.seenTo())),
  failed: yesNo(hiveFormWords.didItFail(), {
    names: { no: commonWords.no(), yes: hiveFormWords.itFailed() },
  }),
  taste,
  remark: words(commonWords.remark()),
});

export const freshFlow = (today: string): Partial<FlowContent> => ({
  expectedStart: today,
  expectedEnd: today,
  failed: false,
});
