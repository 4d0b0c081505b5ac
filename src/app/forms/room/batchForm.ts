import { DAY_MS, TYPICAL_MOISTURE_PERCENT, type Layout } from '../../../core';
import {
  batchContentSchema,
  isForgotten,
  type BatchContent,
  type Preferences,
} from '../../../records';
import type { Codec, FormOf } from '../../entry/codec';
import {
  choice,
  codec,
  moment,
  number,
  optional,
  percent,
  quantity,
  words,
} from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import type { Parsed } from '../../entry/reader';

const LAYOUT_NAMES: Readonly<Record<Layout, string>> = {
  spread: 'Apart, air on all sides',
  crossed: 'Crosswise',
  tight: 'Tight stacks',
};

/** The first of several lots; the screen offers one. */
const firstLot: Codec<readonly string[], string> = codec(
  { as: 'select', label: 'Honey of the lot' },
  '',
  ([first = '']) => first,
  (typed) => (typed === '' ? [] : [typed]),
);

export const batchEntry = entryOf(batchContentSchema, {
  name: words('Name', { hint: 'Such as “marsh, first load”' }),
  lotIds: firstLot,
  boxes: number('Boxes', { digits: 0 }),
  honeyKgPerBox: quantity('mass', 'Honey in each'),
  openShare: percent('Open honey'),
  openPercent: number('Water in open cells', { unit: '%' }),
  cappedPercent: number('under cappings', { unit: '%' }),
  plusMinusPercent: number('Moisture known to ±', { unit: '%' }),
  temperatureC: optional(
    quantity('temperature', 'Honey when it comes in', { hint: 'Empty: as the air outside' }),
  ),
  layout: choice('How the boxes stand', LAYOUT_NAMES),
  inAt: moment('In since'),
  outAt: optional(moment('Out', { hint: 'Empty while it is in' })),
  targetPercent: number('Dry enough at', { unit: '%', digits: 1 }),
  remark: words('Remark'),
});
export type BatchForm = FormOf<typeof batchEntry.fields>;

/** A batch for a new entry: a third open, as many pull it on purpose. @source common practice, no source */
export const freshBatch = (now: string, preferences: Preferences): BatchForm =>
  batchEntry.fill(
    {
      boxes: 10,
      honeyKgPerBox: 15,
      openShare: 0.33,
      openPercent: 20,
      cappedPercent: TYPICAL_MOISTURE_PERCENT,
      plusMinusPercent: 1,
      layout: 'crossed',
      inAt: now,
      targetPercent: 17,
    },
    preferences,
  );

/** What a batch is read with: the one that is changed, and now. */
export interface BatchContext {
  readonly former: BatchContent | null;
  readonly nowMs: number;
}

/** The batch that the form says, or what is wrong in which field. */
export function readBatchForm(
  form: BatchForm,
  preferences: Preferences,
  { former, nowMs }: BatchContext,
): Parsed<BatchContent> {
  const parsed = batchEntry.read(form, preferences, {
    check: (batch, reader) => {
      if (batch.inAt === '' || !isForgotten(batch, nowMs)) return;
      const days = Math.round((nowMs - Date.parse(batch.inAt)) / DAY_MS);
      reader
        .at('inAt')
        .fail(`It would have been in for ${days} days: check the year, or type when it went out.`);
    },
  });
  if (!parsed.ok) return parsed;
  const { content } = parsed;
  return {
    ok: true,
    content: { ...content, lotIds: [...content.lotIds, ...(former?.lotIds.slice(1) ?? [])] },
  };
}
