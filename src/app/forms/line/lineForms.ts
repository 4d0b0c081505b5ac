import {
  frameWeighingContentSchema,
  ownToolContentSchema,
  pourContentSchema,
  type FrameWeighingContent,
  type OwnToolContent,
  type Preferences,
} from '../../../records';
import type { FormOf } from '../../entry/codec';
import {
  choice,
  number,
  orElse,
  percent,
  quantity,
  several,
  words,
  yesNo,
} from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { FACE_NAMES, TOOL_NAMES } from '../../words/strainWords';

/** A tool of one's own. */
export const toolEntry = entryOf(ownToolContentSchema, {
  name: words('Name'),
  toolKind: choice('It is a', TOOL_NAMES, { as: 'select' }),
  secondsPerFrame: number('A frame takes', { unit: 's', digits: 0 }),
  lossShare: percent('With the wax', { digits: 1 }),
  combSpared: percent('Comb spared'),
  faces: several('Opens well', FACE_NAMES),
  newComb: yesNo('Fit for comb built this year'),
});

/** A fork, as many have one. @source common practice, no source */
export const USUAL_TOOL: OwnToolContent = {
  name: '',
  toolKind: 'fork',
  secondsPerFrame: 60,
  lossShare: 0.03,
  combSpared: 0.9,
  faces: ['flush'],
  newComb: true,
};

const weight = (label: string) => quantity('mass', label, { digits: 3 });

/** A frame weighed before and after it was spun. */
export const frameWeighingEntry = entryOf(frameWeighingContentSchema, {
  label: words('Which frame'),
  beforeKg: weight('Before'),
  afterKg: weight('After'),
  tareKg: weight('An empty one'),
  plusMinusKg: orElse(weight('Known to ±'), '0'),
});

export const frameWeighingFormOf = (
  content: FrameWeighingContent | null,
  tareKg: number,
  preferences: Preferences,
): FormOf<typeof frameWeighingEntry.fields> =>
  frameWeighingEntry.fill(content ?? { tareKg, plusMinusKg: 0.05 }, preferences);

/** A pail that is put under an open gate. */
export const pourEntry = entryOf(pourContentSchema, {
  label: words('Pail'),
  fullKg: quantity('mass', 'Full at'),
  startKg: quantity('mass', 'In it already'),
  meshClean: yesNo('The mesh is clean', {
    hint: 'Only a pail behind a clean mesh tells how fast it clogs',
  }),
});
