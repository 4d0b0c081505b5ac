import { flowContentSchema, type FlowContent } from '../../../records';
import { several, day, optional, words } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';

/** A flow; days not seen yet are empty. */
export const flowEntry = entryOf(flowContentSchema, {
  name: words('Name'),
  plant: words('Plant'),
  yardIds: several('Yards in reach'),
  expectedStart: day('Expected from'),
  expectedEnd: day('Expected to'),
  observedStart: optional(day('Seen from')),
  observedEnd: optional(day('Seen to')),
  remark: words('Remark'),
});

export const freshFlow = (today: string): Partial<FlowContent> => ({
  expectedStart: today,
  expectedEnd: today,
});
