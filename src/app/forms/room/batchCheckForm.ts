import { BOX_TARE_KG } from '../../../model';
import {
  batchCheckContentSchema,
  type BatchCheckContent,
  type CheckedPart,
  type Preferences,
} from '../../../records';
import type { FormOf } from '../../entry/codec';
import { choice, moment, number, quantity, words } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { variant } from '../../entry/groups';
import type { Parsed } from '../../entry/reader';
import { commonWords } from '../../words/english/common';
import { roomFormWords } from '../../words/english/roomForm';

const PART_NAMES: Readonly<Record<CheckedPart, string>> = {
  open: roomFormWords.openCells(),
  capped: roomFormWords.underCappings(),
  all: roomFormWords.allOfItMixed(),
};

const weight = (label: string) => quantity('mass', label, { digits: 3 });

export const batchCheckEntry = entryOf(batchCheckContentSchema, {
  found: variant(
    'by',
    {
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
    },
    {
      look: {
        label: roomFormWords.whatWasDone(),
        names: { moisture: roomFormWords.moistureRead(), weight: roomFormWords.sameBoxWeighed() },
      },
    },
  ),
  takenAt: moment(roomFormWords.when()),
  remark: words(commonWords.remark()),
});
export type BatchCheckForm = FormOf<typeof batchCheckEntry.fields>;

/** Usual values of both ways to check, under what was found. */
const USUAL = { of: 'open', plusMinus: 0.4, tareKg: BOX_TARE_KG, plusMinusKg: 0.05 } as const;

/** A form filled from a check, or for one of now. */
export const batchCheckFormOf = (
  content: BatchCheckContent | null,
  now: string,
  preferences: Preferences,
): BatchCheckForm =>
  batchCheckEntry.fill(
    {
      takenAt: content?.takenAt ?? now,
      remark: content?.remark ?? '',
      found: { ...USUAL, by: 'moisture', ...content?.found },
    },
    preferences,
  );

/** When the batch came in and went out; a check lies between. */
interface BatchTimes {
  readonly inAt: string;
  readonly outAt: string | null;
}

/** The check that the form says, or what is wrong in which field. */
export const readBatchCheckForm = (
  form: BatchCheckForm,
  preferences: Preferences,
  { inAt, outAt }: BatchTimes,
): Parsed<BatchCheckContent> =>
  batchCheckEntry.read(form, preferences, {
    rest: { who: preferences.initials },
    check: ({ takenAt }, reader) => {
      const field = reader.at('takenAt');
      if (takenAt === '') return;
      if (takenAt <= inAt) field.fail(roomFormWords.theBatchCameInLater());
      else if (outAt !== null && takenAt > outAt) {
        field.fail(roomFormWords.theBatchWasOutBy());
      }
    },
  });
