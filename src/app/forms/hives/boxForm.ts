import { DEFAULT_FORMAT_ID } from '../../../core';
import { boxContentSchema, type BoxContent, type Preferences } from '../../../records';
import type { Begun, FormOf, ValuesOf } from '../../entry/codec';
import { choice, day, number, oneOf, optional, words, yesNo } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import type { Parsed } from '../../entry/reader';
import { commonWords } from '../../words/english/common';
import { hiveFormWords } from '../../words/english/hiveForm';

const KINDS: Readonly<Record<BoxContent['boxKind'], string>> = {
  box: hiveFormWords.hiveBox(),
  tote: hiveFormWords.tote(),
};
const ROLES: Readonly<Record<BoxContent['role'], string>> = {
  honey: commonWords.honey(),
  brood: commonWords.brood(),
};

/** A box or tote. */
export const boxEntry = entryOf(
  boxContentSchema,
  {
    boxKind: choice(hiveFormWords.whatItIs(), KINDS),
    label: words(hiveFormWords.label()),
    slots: number(hiveFormWords.placesForFrames(), { digits: 0 }),
    formatId: oneOf(commonWords.frameHeading(), DEFAULT_FORMAT_ID),
    colonyId: optional(oneOf(hiveFormWords.onHive(), '')),
    onDay: optional(
      day(hiveFormWords.onTheHiveSince(), { hint: hiveFormWords.leaveEmptyIfNotKnown() }),
    ),
    offDay: optional(
      day(hiveFormWords.offSince(), { hint: hiveFormWords.leaveEmptyWhileItIsOn() }),
    ),
    role: choice(hiveFormWords.for(), ROLES),
    excluder: yesNo(hiveFormWords.excluderBelowIt()),
    newComb: yesNo(hiveFormWords.newComb(), { hint: hiveFormWords.newCombSagsWhenWarm() }),
    lastHoney: words(hiveFormWords.honeyLastInIt()),
    cleanedSince: yesNo(hiveFormWords.cleanedSince()),
  },
  {
    unasked: ({ boxKind, colonyId }) =>
      boxKind === 'tote' || colonyId === '' ? { colonyId: null, onDay: null, offDay: null } : {},
  },
);
export type BoxForm = FormOf<typeof boxEntry.fields>;

export const freshBox = (
  colonyId: string,
  today: string,
): Begun<ValuesOf<typeof boxEntry.fields>> => ({
  boxKind: colonyId === '' ? 'tote' : 'box',
  colonyId,
  slots: 10,
  excluder: true,
  newComb: false,
  cleanedSince: false,
  onDay: today,
});

/** Whether the box has come to stand elsewhere, or was set up anew where it is. */
function hasMoved(before: BoxContent, { colonyId, onDay }: Stay): boolean {
  return before.colonyId !== colonyId || (before.offDay !== null && onDay !== before.onDay);
}

type Stay = Pick<BoxContent, 'colonyId' | 'onDay'>;

/** Where the box stood until now, once it has moved. */
function earlierStays(before: BoxContent | null, now: Stay): BoxContent['earlier'] {
  if (!before) return [];
  const { colonyId, role, onDay, offDay, earlier } = before;
  if (colonyId === null || !hasMoved(before, now)) return earlier;
  return [...earlier, { colonyId, role, onDay, offDay: offDay ?? now.onDay }];
}

/**
 * The box that the form says.
 *
 * @param before - the box as it was, so that where it stood stays written
 * @param yardId - of the hive chosen
 */
export const readBoxForm = (
  form: BoxForm,
  preferences: Preferences,
  { before, yardId }: { before: BoxContent | null; yardId: string | null },
): Parsed<BoxContent> =>
  boxEntry.read(form, preferences, {
    rest: (box) => ({
      yardId: box.boxKind === 'tote' ? null : yardId,
      earlier: earlierStays(before, box),
    }),
    check: ({ onDay, offDay }, reader) => {
      if (onDay === null || offDay === null || offDay >= onDay) return;
      reader.at('offDay').fail(hiveFormWords.itComesOffOnOr());
    },
  });
