import {
  LAB_QUANTITIES,
  type ColourClassId,
  type Fault,
  type Foam,
  type Impurity,
  type LabQuantity,
} from '../../core';
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
} from '../../records';
import { decimalText } from '../format/decimal';
import { FormReader, type Parsed } from './parsed';

/** When something was read, and what it corrects. */
export interface QualityContext<T> {
  readonly preferences: Preferences;
  readonly takenAt: string;
  readonly former?: T;
}

/** Time and initials: of this moment, or of what is corrected. */
function moment({
  preferences,
  takenAt,
  former,
}: QualityContext<{ takenAt: string; who: string }>): { takenAt: string; who: string } {
  return former
    ? { takenAt: former.takenAt, who: former.who }
    : { takenAt, who: preferences.initials };
}

/** The fields of a colour reading as they are typed. */
export interface ColourForm {
  vessel: string;
  by: ColourContent['read']['by'];
  pfund: string;
  absorbance: string;
  path: string;
  dilution: string;
  classId: ColourClassId;
  remark: string;
}

export const FRESH_COLOUR: ColourForm = {
  vessel: '',
  by: 'comparator',
  pfund: '',
  absorbance: '',
  path: '1',
  dilution: '50 % w/v, filtered',
  classId: 'light-amber',
  remark: '',
};

/** A form filled from a colour reading. */
export function colourFormOf(content: ColourContent): ColourForm {
  const { read, remark } = content;
  const fresh = { ...FRESH_COLOUR, vessel: vesselIdOf(content) ?? '', by: read.by, remark };
  switch (read.by) {
    case 'comparator':
      return { ...fresh, pfund: decimalText(read.pfundMm, 1) };
    case 'photometer':
      return {
        ...fresh,
        absorbance: decimalText(read.absorbance, 4),
        path: decimalText(read.pathCm, 2),
        dilution: read.dilution,
      };
    case 'eye':
      return { ...fresh, classId: read.classId };
  }
}

function readColour(form: ColourForm, reader: FormReader) {
  switch (form.by) {
    case 'comparator':
      return { by: 'comparator', pfundMm: reader.number('pfund', form.pfund) };
    case 'photometer':
      return {
        by: 'photometer',
        absorbance: reader.number('absorbance', form.absorbance),
        pathCm: reader.number('path', form.path),
        dilution: form.dilution,
      };
    case 'eye':
      return { by: 'eye', classId: form.classId };
  }
}

const COLOUR_FIELDS: Readonly<Record<string, string>> = {
  'read.pfundMm': 'pfund',
  'read.absorbance': 'absorbance',
  'read.pathCm': 'path',
  'read.dilution': 'dilution',
};

/** The colour that the form says, or what is wrong in which field. */
export function readColourForm(
  form: ColourForm,
  context: QualityContext<ColourContent>,
): Parsed<ColourContent> {
  const reader = new FormReader(context.preferences);
  const candidate = {
    ...vesselRefOf(form.vessel),
    read: readColour(form, reader),
    ...moment(context),
    remark: form.remark,
  };
  return reader.finish(colourContentSchema, candidate, (path) => COLOUR_FIELDS[path] ?? path);
}

/** The fields of smell, taste and purity. */
export interface SensesForm {
  notes: SensesContent['notes'];
  faults: Fault[];
  foam: Foam;
  impurities: Impurity[];
  typical: 'yes' | 'no' | 'not-said';
  remark: string;
}

export const FRESH_SENSES: SensesForm = {
  notes: [],
  faults: [],
  foam: 'none',
  impurities: [],
  typical: 'not-said',
  remark: '',
};

/** A form filled from what was tasted. */
export function sensesFormOf(content: SensesContent): SensesForm {
  const { notes, faults, foam, impurities, typical, remark } = content;
  const said = typical === null ? 'not-said' : typical ? 'yes' : 'no';
  return { notes, faults, foam, impurities, typical: said, remark };
}

/** What the form says was smelt, tasted and seen. */
export function readSensesForm(
  form: SensesForm,
  context: QualityContext<SensesContent>,
): Parsed<SensesContent> {
  const { typical, ...same } = form;
  const candidate = {
    ...same,
    typical: typical === 'not-said' ? null : typical === 'yes',
    ...moment(context),
  };
  const reader = new FormReader(context.preferences);
  return reader.finish(sensesContentSchema, candidate, (path) => path);
}

/** A value of a report as it is typed. */
interface ValueForm {
  value: string;
  expanded: string;
}

/** The fields of a laboratory's report. */
export interface LabForm {
  laboratory: string;
  reportNumber: string;
  day: string;
  values: Record<LabQuantity, ValueForm>;
  /** one plant and its share a line */
  pollen: { plant: string; percent: string }[];
  remark: string;
}

export function freshLab(day: string): LabForm {
  const values = Object.fromEntries(
    LAB_QUANTITIES.map((one) => [one, { value: '', expanded: '' }]),
  ) as Record<LabQuantity, ValueForm>;
  return { laboratory: '', reportNumber: '', day, values, pollen: [], remark: '' };
}

/** A form filled from a report. */
export function labFormOf(content: LabReportContent): LabForm {
  const form = freshLab(content.day);
  for (const quantity of LAB_QUANTITIES) {
    const known = content.values[quantity];
    if (!known) continue;
    const expanded = known.expanded === null ? '' : decimalText(known.expanded, 4);
    form.values[quantity] = { value: decimalText(known.value, 4), expanded };
  }
  const pollen = content.pollen.map(({ plant, percent }) => {
    return { plant, percent: decimalText(percent, 1) };
  });
  const { laboratory, reportNumber, remark } = content;
  return { ...form, laboratory, reportNumber, remark, pollen };
}

function labField(path: string): string {
  if (path === 'values') return 'values.hmfMgPerKg.value';
  return path === 'pollen' ? 'pollen.0.percent' : path;
}

/** The report that the form says, or what is wrong in which field. */
export function readLabForm(form: LabForm, preferences: Preferences): Parsed<LabReportContent> {
  const reader = new FormReader(preferences);
  const { laboratory, reportNumber, day, remark } = form;
  const values = Object.fromEntries(
    LAB_QUANTITIES.flatMap((quantity) => {
      const typed = form.values[quantity];
      const field = `values.${quantity}`;
      if (typed.value.trim() === '') {
        if (typed.expanded.trim() !== '') {
          reader.fail(`${field}.value`, 'Type the value that this ± belongs to.');
        }
        return [];
      }
      const value = reader.number(`${field}.value`, typed.value);
      const expanded = reader.optionalNumber(`${field}.expanded`, typed.expanded);
      return [[quantity, { value, expanded }]];
    }),
  );
  const pollen = form.pollen.map(({ plant, percent }, at) => {
    return { plant, percent: reader.number(`pollen.${at}.percent`, percent) };
  });
  const candidate = { laboratory, reportNumber, day, values, pollen, remark };
  return reader.finish(labReportContentSchema, candidate, labField);
}
