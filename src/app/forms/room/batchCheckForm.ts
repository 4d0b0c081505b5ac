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

const PART_NAMES: Readonly<Record<CheckedPart, string>> = {
  open: 'Open cells',
  capped: 'Under cappings',
  all: 'All of it, mixed',
};

const weight = (label: string) => quantity('mass', label, { digits: 3 });

export const batchCheckEntry = entryOf(batchCheckContentSchema, {
  found: variant(
    'by',
    {
      moisture: {
        of: choice('Read from', PART_NAMES),
        percent: number('Water, corrected', {
          unit: '%',
          hint: 'As the bench corrects it for temperature',
        }),
        plusMinus: number('Known to ±', { unit: '%', hint: 'From comb to comb 0.4 is usual' }),
      },
      weight: {
        firstKg: weight('The box weighed at first'),
        nowKg: weight('It weighs now'),
        tareKg: weight('Of it wood and wax'),
        plusMinusKg: weight('The scale is off by ±'),
      },
    },
    {
      look: {
        label: 'What was done',
        names: { moisture: 'Moisture read', weight: 'Same box weighed' },
      },
    },
  ),
  takenAt: moment('When'),
  remark: words('Remark'),
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
      if (takenAt <= inAt) field.fail('The batch came in later; check the time.');
      else if (outAt !== null && takenAt > outAt) {
        field.fail('The batch was out by then; check the time.');
      }
    },
  });
