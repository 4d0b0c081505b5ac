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
import { commonWords } from '../../words/english/common';
import { qualityWords } from '../../words/english/quality';
import { colourName } from '../../format/colour';

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
  COLOUR_CLASSES.map(({ id }) => [id, colourName(id)]),
) as Readonly<Record<ColourClassId, string>>;

export const colourEntry = entryOf(colourContentSchema, {
  vessel: vesselField,
  read: variant(
    'by',
    {
      comparator: { pfundMm: number(qualityWords.pfund(), { unit: 'mm', digits: 1 }) },
      photometer: {
        absorbance: number(qualityWords.absorbance(), { digits: 4 }),
        pathCm: number(qualityWords.lengthOfTheCell(), { unit: 'cm' }),
        dilution: words(qualityWords.dilution()),
      },
      eye: { classId: choice(qualityWords.class(), CLASS_NAMES, { as: 'select' }) },
    },
    {
      look: {
        label: qualityWords.readInGlassBy(),
        names: {
          comparator: qualityWords.comparator(),
          photometer: qualityWords.photometer(),
          eye: qualityWords.eye(),
        },
      },
    },
  ),
  remark: words(commonWords.remark()),
});
export type ColourForm = FormOf<typeof colourEntry.fields>;

/** Usual values of each way to read it, under what was read. @source common practice, no source */
const USUAL_READ = {
  pathCm: 1,
  dilution: qualityWords.wVFiltered(),
  classId: 'light-amber',
} as const;

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
  ...choice(qualityWords.typicalOfTheFlowerIt(), {
    'not-said': commonWords.notGiven(),
    yes: commonWords.yes(),
    no: commonWords.no(),
  }),
  fill: (value) => (value === null ? 'not-said' : value ? 'yes' : 'no'),
  read: (typed) => (typed === 'not-said' ? null : typed === 'yes'),
};

/** What was smelt, tasted and seen. */
export const sensesEntry = entryOf(sensesContentSchema, {
  notes: asIs<SensesContent['notes']>([]),
  faults: several(qualityWords.faults(), FAULT_NAMES),
  foam: choice(qualityWords.foamOnTop(), FOAM_NAMES),
  impurities: several(qualityWords.seenInIt(), IMPURITY_NAMES),
  typical,
  remark: words(commonWords.remark()),
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
        at.at('value').fail(qualityWords.typeTheValueThisBelongs());
      }
      return undefined;
    },
  );
  return { ...one, fields: both.fields };
}

const labValues = group(
  Object.fromEntries(
    LAB_QUANTITIES.map((labQuantity) => [labQuantity, labValue(labQuantity)]),
  ) as Record<LabQuantity, ReturnType<typeof labValue>>,
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
  laboratory: words(qualityWords.laboratory()),
  day: day(qualityWords.dayOfTheReport()),
  reportNumber: words(qualityWords.itsNumber(), { hint: qualityWords.optional() }),
  values,
  pollen: list(
    group({
      plant: words(qualityWords.plant()),
      percent: number(qualityWords.share(), { unit: '%', digits: 1 }),
    }),
  ),
  remark: words(commonWords.remark()),
});
