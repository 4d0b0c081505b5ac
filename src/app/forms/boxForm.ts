import { DEFAULT_FORMAT_ID } from '../../core';
import { boxContentSchema, type BoxContent, type Preferences } from '../../records';
import { FormReader, type Parsed } from './parsed';

type YesNo = 'yes' | 'no';

/** A box or tote as it is typed. */
export interface BoxForm {
  boxKind: BoxContent['boxKind'];
  label: string;
  /** empty: on no hive */
  colonyId: string;
  role: BoxContent['role'];
  formatId: string;
  slots: string;
  excluder: YesNo;
  newComb: YesNo;
  lastHoney: string;
  cleanedSince: YesNo;
  onDay: string;
  offDay: string;
}

const yesNo = (value: boolean): YesNo => (value ? 'yes' : 'no');

export function freshBox(colonyId: string, today: string): BoxForm {
  return {
    boxKind: colonyId === '' ? 'tote' : 'box',
    label: '',
    colonyId,
    role: 'honey',
    formatId: DEFAULT_FORMAT_ID,
    slots: '10',
    excluder: 'yes',
    newComb: 'no',
    lastHoney: '',
    cleanedSince: 'no',
    onDay: today,
    offDay: '',
  };
}

export function boxFormOf(content: BoxContent): BoxForm {
  return {
    boxKind: content.boxKind,
    label: content.label,
    colonyId: content.colonyId ?? '',
    role: content.role,
    formatId: content.formatId,
    slots: String(content.slots),
    excluder: yesNo(content.excluder),
    newComb: yesNo(content.newComb),
    lastHoney: content.lastHoney,
    cleanedSince: yesNo(content.cleanedSince),
    onDay: content.onDay ?? '',
    offDay: content.offDay ?? '',
  };
}

const dayOrNull = (text: string): string | null => (text === '' ? null : text);

/** Whether the box has come to stand elsewhere, or was set up anew where it is. */
function hasMoved(before: BoxContent, colonyId: string | null, onDay: string | null): boolean {
  return before.colonyId !== colonyId || (before.offDay !== null && onDay !== before.onDay);
}

/** Where the box stood until now, once it has moved. */
function earlierStays(
  before: BoxContent | null,
  now: { colonyId: string | null; onDay: string | null },
): BoxContent['earlier'] {
  if (!before) return [];
  const { colonyId, role, onDay, offDay, earlier } = before;
  if (colonyId === null || !hasMoved(before, now.colonyId, now.onDay)) return earlier;
  return [...earlier, { colonyId, role, onDay, offDay: offDay ?? now.onDay }];
}

/**
 * The box that the form says.
 *
 * @param before - the box as it was, so that where it stood stays written
 * @param yardId - of the hive chosen
 */
export function readBoxForm(
  form: BoxForm,
  preferences: Preferences,
  { before, yardId }: { before: BoxContent | null; yardId: string | null },
): Parsed<BoxContent> {
  const reader = new FormReader(preferences);
  const tote = form.boxKind === 'tote';
  const colonyId = tote || form.colonyId === '' ? null : form.colonyId;
  const onDay = colonyId === null ? null : dayOrNull(form.onDay);
  const offDay = colonyId === null ? null : dayOrNull(form.offDay);
  if (onDay !== null && offDay !== null && offDay < onDay) {
    reader.fail('offDay', 'It comes off on or after the day it went on.');
  }
  const slots = reader.number('slots', form.slots);
  const { boxKind, label, role, formatId, lastHoney } = form;
  return reader.finish(
    boxContentSchema,
    {
      boxKind,
      label,
      yardId: tote ? null : yardId,
      colonyId,
      role,
      formatId,
      slots,
      excluder: form.excluder === 'yes',
      newComb: form.newComb === 'yes',
      lastHoney,
      cleanedSince: form.cleanedSince === 'yes',
      onDay,
      offDay,
      earlier: earlierStays(before, { colonyId, onDay }),
    },
    (path) => path,
  );
}
