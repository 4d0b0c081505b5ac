import { flowContentSchema, type FlowContent } from '../../../records';
import { several, day, optional, words } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { commonWords } from '../../words/english/common';
import { hiveFormWords } from '../../words/english/hiveForm';

/** A flow; days not seen yet are empty. */
export const flowEntry = entryOf(flowContentSchema, {
  name: words(commonWords.name()),
  plant: words(hiveFormWords.plant()),
  yardIds: several(hiveFormWords.yardsInReach()),
  expectedStart: day(hiveFormWords.expectedFrom()),
  expectedEnd: day(hiveFormWords.expectedTo()),
  observedStart: optional(day(hiveFormWords.seenFrom())),
  observedEnd: optional(day(hiveFormWords.seenTo())),
  remark: words(commonWords.remark()),
});

export const freshFlow = (today: string): Partial<FlowContent> => ({
  expectedStart: today,
  expectedEnd: today,
});
