import { COMB_FACES, TOOL_KINDS } from '../../core';
import { recordKind, type RevisionOf } from '../recordKind';
import { between, nameField } from '../fields';
import { z } from '../zod';

/** A tool of one's own, with its own times and losses. */
export const ownToolContentSchema = z.object({
  name: nameField(),
  toolKind: z.enum(TOOL_KINDS),
  secondsPerFrame: between(1, 3600),
  lossShare: between(0, 0.5),
  combSpared: between(0, 1),
  faces: z.array(z.enum(COMB_FACES)).min(1, 'facesMissing'),
  newComb: z.boolean(),
});
export type OwnToolContent = z.infer<typeof ownToolContentSchema>;

export const ownToolKind = recordKind({
  kind: 'uncapping-tool',
  table: 'uncappingTools',
  since: 4,
  owner: null,
  part: 'extraction',
  content: ownToolContentSchema,
});
export type OwnTool = RevisionOf<typeof ownToolKind>;
