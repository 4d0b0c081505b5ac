import {
  COLOUR_CLASSES,
  LAB_QUANTITIES,
  type ColourClassId,
  type LabQuantity,
} from '../../../core';
import {
  colourContentSchema,
  labReportContentSchema,
  sensesContentSchema,
  vesselIdOf,
  vesselRefOf,
  type ColourContent,
  type LabReportContent,
  type Preferences,
  type SensesContent,
} from '../../../records';
import type { Codec, FormOf } from '../../entry/codec';
import { asIs, choice, codec, day, number, optional, several, words } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { group, list, variant } from '../../entry/groups';
import type { Parsed } from '../../entry/reader';
import { LAB_WORDS } from '../../words/labWords';
import { FAULT_NAMES, FOAM_NAMES, IMPURITY_NAMES } from '../../words/sensesWords';
import { vesselField } from '../lots/vesselField';

/** When something was read, and what it corrects. */
export interface QualityContext<T> {
  readonly preferences: Preferences;
  readonly takenAt: string;
  readonly former?: T;
}

/** Who and when: of this moment, or of what is corrected. */
export function readerOf({
  preferences,
  takenAt,
  former,
}: QualityContext<{ takenAt: string; who: string }>): { takenAt: string; who: string } {
  return former
    ? { takenAt: former.takenAt, who: former.who }
    : { takenAt, who: preferences.initials };
}

const CLASS_NAMES = Object.fromEntries(
  COLOUR_CLASSES.map(({ id, name }) => [id, name]),
) as Readonly<Record<ColourClassId, string>>;

export const colourEntry = entryOf(colourContentSchema, {
  vessel: vesselField,
  read: variant(
    'by',
    {
      comparator: { pfundMm: number('Pfund', { unit: 'mm', digits: 1 }) },
      photometer: {
        absorbance: number('Absorbance', { digits: 4 }),
        pathCm: number('Length of the cell', { unit: 'cm' }),
        dilution: words('Dilution'),
      },
      eye: { classId: choice('Class', CLASS_NAMES, { as: 'select' }) },
    },
    {
      look: {
        label: 'Read in glass by',
        names: { comparator: 'Comparator', photometer: 'Photometer', eye: 'Eye' },
      },
    },
  ),
  remark: words('Remark'),
});
export type ColourForm = FormOf<typeof colourEntry.fields>;

/** Usual values of each way to read it, under what was read. @source common practice, no source */
const USUAL_READ = { pathCm: 1, dilution: '50 % w/v, filtered', classId: 'light-amber' } as const;

/** A form filled from a colour reading, or for a new one. */
export const colourFormOf = (
  content: ColourContent | null,
  _day: string,
  preferences: Preferences,
): ColourForm =>
  colourEntry.fill(
    {
      ...content,
      vessel: (content && vesselIdOf(content)) ?? '',
      read: { ...USUAL_READ, by: 'comparator', ...content?.read },
    },
    preferences,
  );

/** The colour that the form says, or what is wrong in which field. */
export const readColourForm = (
  form: ColourForm,
  context: QualityContext<ColourContent>,
): Parsed<ColourContent> =>
  colourEntry.read(form, context.preferences, {
    rest: ({ vessel }) => ({ ...vesselRefOf(vessel), ...readerOf(context) }),
  });

/** Three answers to a question that may be left open. */
const typical: Codec<boolean | null, 'not-said' | 'yes' | 'no'> = {
  ...choice('Typical of the flower it is named after', {
    'not-said': 'Not said',
    yes: 'Yes',
    no: 'No',
  }),
  fill: (value) => (value === null ? 'not-said' : value ? 'yes' : 'no'),
  read: (typed) => (typed === 'not-said' ? null : typed === 'yes'),
};

/** What was smelt, tasted and seen. */
export const sensesEntry = entryOf(sensesContentSchema, {
  notes: asIs<SensesContent['notes']>([]),
  faults: several('Faults', FAULT_NAMES),
  foam: choice('Foam on top', FOAM_NAMES),
  impurities: several('Seen in it', IMPURITY_NAMES),
  typical,
  remark: words('Remark'),
});

type LabValue = NonNullable<LabReportContent['values'][LabQuantity]>;
const valueFields = (quantity: LabQuantity) => {
  const { name, unit, about } = LAB_WORDS[quantity];
  return {
    value: number(name, { unit, hint: about, digits: 4 }),
    expanded: optional(number('±', { digits: 4 })),
  };
};
type ValueFields = ReturnType<typeof valueFields>;

/** One value of a report with its ±; undefined where nothing was typed. */
function labValue(quantity: LabQuantity) {
  const both = group(valueFields(quantity));
  const one: Codec<LabValue | undefined, FormOf<ValueFields>> = codec(
    null,
    both.empty,
    (value, preferences) => (value ? both.fill(value, preferences) : both.empty),
    (typed, at) => {
      if (typed.value.trim() !== '') return both.read(typed, at);
      if (typed.expanded.trim() !== '') {
        at.at('value').fail('Type the value that this ± belongs to.');
      }
      return undefined;
    },
  );
  return { ...one, fields: both.fields };
}

const labValues = group(
  Object.fromEntries(LAB_QUANTITIES.map((one) => [one, labValue(one)])) as Record<
    LabQuantity,
    ReturnType<typeof labValue>
  >,
);

/** Values of a report: only those that it has. */
const values: Codec<LabReportContent['values'], typeof labValues.empty> &
  Pick<typeof labValues, 'fields'> = {
  ...labValues,
  read: (typed, at) =>
    Object.fromEntries(
      Object.entries(labValues.read(typed, at)).filter(([, value]) => value !== undefined),
    ),
};

/** A laboratory's report. */
export const labEntry = entryOf(labReportContentSchema, {
  laboratory: words('Laboratory'),
  day: day('Day of the report'),
  reportNumber: words('Its number', { hint: 'Optional' }),
  values,
  pollen: list(
    group({ plant: words('Plant'), percent: number('Share', { unit: '%', digits: 1 }) }),
  ),
  remark: words('Remark'),
});
