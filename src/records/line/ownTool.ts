import { COMB_FACES, TOOL_KINDS } from '../../core';
import { recordKind, type RevisionOf } from '../recordKind';
import { between, nameField } from '../fields';
import { z } from '../zod';

/** A tool of one's own, with its own times and losses. */
export const ownToolContentSchema = z.object({
  name: nameField('the tool'),
  toolKind: z.enum(TOOL_KINDS),
  secondsPerFrame: between(1, 3600, 'Opening a frame takes 1 second to an hour.'),
  lossShare: between(0, 0.5, 'Between 0 and 50 % of the honey goes with the wax.'),
  combSpared: between(0, 1, 'Between 0 and 100 % of the comb is spared.'),
  faces: z.array(z.enum(COMB_FACES)).min(1, 'Say at least one face that it opens well.'),
  newComb: z.boolean(),
});
export type OwnToolContent = z.infer<typeof ownToolContentSchema>;

export const ownToolKind = recordKind({
  kind: 'uncapping-tool',
  name: 'Own tools',
  table: 'uncappingTools',
  since: 4,
  owner: null,
  part: 'extraction',
  content: ownToolContentSchema,
});
export type OwnTool = RevisionOf<typeof ownToolKind>;
