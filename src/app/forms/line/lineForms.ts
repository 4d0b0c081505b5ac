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
import { commonWords } from '../../words/english/common';
import { lineFormWords } from '../../words/english/lineForm';

/** A tool of one's own. */
export const toolEntry = entryOf(ownToolContentSchema, {
  name: words(commonWords.name()),
  toolKind: choice(lineFormWords.kind(), TOOL_NAMES, { as: 'select' }),
  secondsPerFrame: number(lineFormWords.timeForAFrame(), { unit: 's', digits: 0 }),
  lossShare: percent(lineFormWords.withTheWax(), { digits: 1 }),
  combSpared: percent(lineFormWords.combSpared()),
  faces: several(lineFormWords.opensWell(), FACE_NAMES),
  newComb: yesNo(lineFormWords.suitableForNewComb()),
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
  label: words(lineFormWords.whichFrame()),
  beforeKg: weight(lineFormWords.before()),
  afterKg: weight(lineFormWords.after()),
  tareKg: weight(lineFormWords.anEmptyOne()),
  plusMinusKg: orElse(weight(lineFormWords.knownTo()), '0'),
});

export const frameWeighingFormOf = (
  content: FrameWeighingContent | null,
  tareKg: number,
  preferences: Preferences,
): FormOf<typeof frameWeighingEntry.fields> =>
  frameWeighingEntry.fill(content ?? { tareKg, plusMinusKg: 0.05 }, preferences);

/** A pail that is put under an open gate. */
export const pourEntry = entryOf(pourContentSchema, {
  label: words(lineFormWords.pail()),
  fullKg: quantity('mass', lineFormWords.fullAt()),
  startKg: quantity('mass', lineFormWords.alreadyInIt()),
  meshClean: yesNo(lineFormWords.theMeshIsClean(), {
    hint: lineFormWords.onlyAPailStartedWith(),
  }),
});
