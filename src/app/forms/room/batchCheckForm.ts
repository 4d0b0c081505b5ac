import { clockNow } from '../../../store/clock';
import { readingBudget, readingUncertainty } from '../../../core';
import { BOX_TARE_KG, meteredReading, type Meters } from '../../../model';
import {
  batchCheckContentSchema,
  type BatchCheckContent,
  type CheckedPart,
  type Preferences,
} from '../../../records';
import type { FormOf } from '../../entry/codec';
import { choice, moment, number, quantity, words } from '../../entry/codecs';
import { entryOf, formOf } from '../../entry/entry';
import {
  FRESH_READING,
  readReadingForm,
  readingEntry,
  type ReadingForm,
} from '../bench/readingForm';
import { variant } from '../../entry/groups';
import type { Parsed } from '../../entry/reader';
import { momentOfLocal } from '../../format/localMoment';
import { commonWords } from '../../words/english/common';
import { roomFormWords } from '../../words/english/roomForm';

const PART_NAMES: Readonly<Record<CheckedPart, string>> = {
  open: roomFormWords.openCells(),
  capped: roomFormWords.underCappings(),
  all: roomFormWords.allOfItMixed(),
};

const weight = (label: string) => quantity('mass', label, { digits: 3 });

export const batchCheckEntry = entryOf(batchCheckContentSchema, {
  found: variant('by', {
    moisture: {
      of: choice(roomFormWords.measuredIn(), PART_NAMES),
      percent: number(roomFormWords.waterCorrected(), {
        unit: '%',
        hint: roomFormWords.alreadyCorrectedForTemperature(),
      }),
      plusMinus: number(roomFormWords.knownTo(), {
        unit: '%',
        hint: roomFormWords.isUsualBetweenCombs(),
      }),
    },
    weight: {
      firstKg: weight(roomFormWords.boxAtFirst()),
      nowKg: weight(roomFormWords.boxNow()),
      tareKg: weight(roomFormWords.woodAndWax()),
      plusMinusKg: weight(roomFormWords.scaleMayBeOffBy()),
    },
  }),
  takenAt: moment(roomFormWords.when()),
  remark: words(commonWords.remark()),
});

/** How a check was made: read off a dial, known already corrected, or by weight. */
export const CHECK_WAYS = ['dial', 'moisture', 'weight'] as const;
export type CheckWay = (typeof CHECK_WAYS)[number];

export const checkWay = formOf({
  how: choice<CheckWay>(roomFormWords.whatWasDone(), {
    dial: roomFormWords.dialRead(),
    moisture: roomFormWords.moistureRead(),
    weight: roomFormWords.sameBoxWeighed(),
  }),
});

/** A check as it is typed: the way, a look at a dial, and what is kept of it. */
export type BatchCheckForm = FormOf<typeof batchCheckEntry.fields> &
  FormOf<typeof checkWay.fields> &
  Omit<ReadingForm, 'remark'>;

/** Usual values of both ways to check, under what was found. */
const USUAL = { of: 'open', plusMinus: 0.4, tareKg: BOX_TARE_KG, plusMinusKg: 0.05 } as const;

/** A form filled from a check, or for one of now. */
export const batchCheckFormOf = (
  content: BatchCheckContent | null,
  now: string,
  preferences: Preferences,
): BatchCheckForm => {
  const found = content?.found;
  const read = found?.by === 'moisture' ? found.read : undefined;
  const { remark: _ofReading, ...dial } = read
    ? { ...FRESH_READING, ...readingEntry.fill(read, preferences), spot: FRESH_READING.spot }
    : FRESH_READING;
  return {
    ...dial,
    ...batchCheckEntry.fill(
      {
        takenAt: content?.takenAt ?? now,
        remark: content?.remark ?? '',
        found: { ...USUAL, by: 'moisture', ...found },
      },
      preferences,
    ),
    how: read || !found ? 'dial' : found.by,
  };
};

/** From comb to comb a single drop says no more than this, expanded [%]. */
const BETWEEN_COMBS = USUAL.plusMinus;

/** What the meter showed, corrected, with its doubt and that from comb to comb; or what is wrong with it. */
function readOff(
  form: BatchCheckForm,
  { preferences, meters }: CheckContext,
): Parsed<Omit<Extract<BatchCheckContent['found'], { by: 'moisture' }>, 'of' | 'by'>> {
  const takenAt = momentOfLocal(form.takenAt) ?? clockNow().toISOString();
  const reading = readReadingForm({ ...form, remark: '' }, { preferences, meters, takenAt });
  if (!reading.ok) return reading;
  const { instrumentId, scale, resolution, atc, zeroCheck } = reading.content;
  const { dialValue, temperatureC } = reading.content;
  const { dial, read, condition } = meteredReading(reading.content, meters);
  if (read.status !== 'read')
    return { ok: false, errors: { dialValue: { sentence: roomFormWords.noHoneyReadsThat() } } };
  const { expanded } = readingUncertainty(readingBudget(dial, condition));
  return {
    ok: true,
    content: {
      percent: read.moisturePercent,
      plusMinus: Math.hypot(expanded, BETWEEN_COMBS),
      read: { instrumentId, scale, resolution, atc, zeroCheck, dialValue, temperatureC },
    },
  };
}

/** What a check is read with. */
export interface CheckContext {
  readonly preferences: Preferences;
  readonly meters: Meters;
}

/** When the batch came in and went out; a check lies between. */
interface BatchTimes {
  readonly inAt: string;
  readonly outAt: string | null;
}

/** The check that the form says, or what is wrong in which field. */
export function readBatchCheckForm(
  form: BatchCheckForm,
  context: CheckContext,
  { inAt, outAt }: BatchTimes,
): Parsed<BatchCheckContent> {
  const { preferences } = context;
  const dial = form.how === 'dial' ? readOff(form, context) : null;
  if (dial?.ok === false) return dial;
  const { of } = form.found;
  // what a dial shows stands for what would be typed corrected
  const found = {
    ...form.found,
    by: form.how === 'weight' ? ('weight' as const) : ('moisture' as const),
    ...(dial && { percent: '17', plusMinus: '0.4' }),
  };
  return batchCheckEntry.read({ ...form, found }, preferences, {
    rest: {
      who: preferences.initials,
      ...(dial && { found: { by: 'moisture' as const, of, ...dial.content } }),
    },
    check: ({ takenAt }, reader) => {
      const field = reader.at('takenAt');
      if (takenAt === '') return;
      if (takenAt <= inAt) field.fail(roomFormWords.theBatchCameInLater());
      else if (outAt !== null && takenAt > outAt) {
        field.fail(roomFormWords.theBatchWasOutBy());
      }
    },
  });
}
