import { DEFAULT_FORMAT_ID } from '../../../core';
import { boxContentSchema, type BoxContent, type Preferences } from '../../../records';
import type { Begun, FormOf, ValuesOf } from '../../entry/codec';
import { choice, day, number, oneOf, optional, words, yesNo } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import type { Parsed } from '../../entry/reader';

const KINDS: Readonly<Record<BoxContent['boxKind'], string>> = { box: 'Hive box', tote: 'Tote' };
const ROLES: Readonly<Record<BoxContent['role'], string>> = { honey: 'Honey', brood: 'Brood' };

/** A box or tote. */
export const boxEntry = entryOf(
  boxContentSchema,
  {
    boxKind: choice('What it is', KINDS),
    label: words('Label'),
    slots: number('Places for frames', { digits: 0 }),
    formatId: oneOf('Frame', DEFAULT_FORMAT_ID),
    colonyId: optional(oneOf('On hive', '')),
    onDay: optional(day('On the hive since', { hint: 'Empty: not known' })),
    offDay: optional(day('Off since', { hint: 'Empty while it is on' })),
    role: choice('For', ROLES),
    excluder: yesNo('Excluder under it'),
    newComb: yesNo('New comb', { hint: 'New comb sags when warm: cool it before uncapping' }),
    lastHoney: words('Honey last in it'),
    cleanedSince: yesNo('Cleaned since'),
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
      reader.at('offDay').fail('It comes off on or after the day it went on.');
    },
  });
