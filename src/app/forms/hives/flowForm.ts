import { flowContentSchema, type FlowContent } from '../../../records';
import { choiceOrNull, day, optional, several, words, yesNo } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { commonWords } from '../../words/english/common';
import { hiveFormWords } from '../../words/english/hiveForm';

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
  taste: choiceOrNull(hiveFormWords.tasteOfItsHoney(), hiveFormWords.notKnown(), {
    good: hiveFormWords.good(),
    poor: hiveFormWords.poor(),
  }),
  remark: words(commonWords.remark()),
});

export const freshFlow = (today: string): Partial<FlowContent> => ({
  expectedStart: today,
  expectedEnd: today,
  failed: false,
});
