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
import { commonWords } from '../../words/english/common';
import { roomFormWords } from '../../words/english/roomForm';

export const LAYOUT_NAMES: Readonly<Record<Layout, string>> = {
  spread: roomFormWords.apartAirOnAllSides(),
  crossed: roomFormWords.crosswise(),
  tight: roomFormWords.tightStacks(),
};

/** The first of several lots; the screen offers one. */
const firstLot: Codec<readonly string[], string> = codec(
  { as: 'select', label: roomFormWords.honeyOfTheLot() },
  '',
  ([first = '']) => first,
  (typed) => (typed === '' ? [] : [typed]),
);

export const batchEntry = entryOf(batchContentSchema, {
  name: words(commonWords.name(), { hint: roomFormWords.forExampleMarshFirstLoad() }),
  lotIds: firstLot,
  boxes: number(commonWords.boxes(), { digits: 0 }),
  honeyKgPerBox: quantity('mass', roomFormWords.honeyInEach()),
  openShare: percent(roomFormWords.openHoney()),
  openPercent: number(roomFormWords.waterInOpenCells(), { unit: '%' }),
  cappedPercent: number(roomFormWords.underCappingsInside(), { unit: '%' }),
  plusMinusPercent: number(roomFormWords.moistureKnownTo(), { unit: '%' }),
  temperatureC: optional(
    quantity('temperature', roomFormWords.honeyTemperatureWhenItGoes(), {
      hint: roomFormWords.leaveEmptyIfTheSame(),
    }),
  ),
  layout: choice(roomFormWords.howTheBoxesStand(), LAYOUT_NAMES),
  inAt: moment(roomFormWords.inSince()),
  outAt: optional(moment(roomFormWords.out(), { hint: roomFormWords.leaveEmptyWhileItIs() })),
  targetPercent: number(roomFormWords.dryEnoughAt(), { unit: '%', digits: 1 }),
  remark: words(commonWords.remark()),
});
export type BatchForm = FormOf<typeof batchEntry.fields>;

/** A batch for a new entry: a third open, as many pull it on purpose. @source common practice, no source */
export const freshBatch = (
  now: string,
  preferences: Preferences,
  known: Partial<BatchContent> = {},
): BatchForm =>
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
      ...known,
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
      reader.at('inAt').fail(roomFormWords.thatWouldBeDaysIn({ days }));
    },
  });
  if (!parsed.ok) return parsed;
  const { content } = parsed;
  return {
    ok: true,
    content: { ...content, lotIds: [...content.lotIds, ...(former?.lotIds.slice(1) ?? [])] },
  };
}
