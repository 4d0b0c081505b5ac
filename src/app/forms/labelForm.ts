import { labelDesignContentSchema, type LabelDesignContent, type Preferences } from '../../records';
import { decimalText } from '../format/decimal';
import { LABEL_SHEETS, sheetTrouble } from '../pdf/labelSheets';
import { FormReader, type Parsed } from './parsed';

const MEASURES = [
  'pageWidthMm',
  'pageHeightMm',
  'marginLeftMm',
  'marginTopMm',
  'labelWidthMm',
  'labelHeightMm',
  'gapXMm',
  'gapYMm',
  'columns',
  'rows',
] as const;
type Measure = (typeof MEASURES)[number];

/** A label as it is typed. */
export interface LabelForm extends Record<Measure, string> {
  name: string;
  title: string;
  producer: string;
  origin: string;
  moreText: string;
  ink: string;
  paper: string;
  weightUnits: LabelDesignContent['weightUnits'];
  showQr: 'yes' | 'no';
  sheetId: string;
}

/** Texts of a sheet's measures. */
export function measuresOf(sheet: LabelDesignContent['sheet']): Record<Measure, string> {
  return Object.fromEntries(MEASURES.map((one) => [one, decimalText(sheet[one], 2)])) as Record<
    Measure,
    string
  >;
}

export function labelFormOf(content: LabelDesignContent | null): LabelForm {
  const sheet = content?.sheet ?? LABEL_SHEETS[0]!.sheet;
  return {
    name: content?.name ?? 'My label',
    title: content?.title ?? 'Honey',
    producer: content?.producer ?? '',
    origin: content?.origin ?? '',
    moreText: content?.moreText ?? '',
    ink: content?.ink ?? '#18233a',
    paper: content?.paper ?? '#ffffff',
    weightUnits: content?.weightUnits ?? 'metric',
    showQr: content?.showQr === false ? 'no' : 'yes',
    sheetId: sheet.id,
    ...measuresOf(sheet),
  };
}

/** The label that the form says, or what is wrong in which field. */
export function readLabelForm(
  form: LabelForm,
  preferences: Preferences,
): Parsed<LabelDesignContent> {
  const reader = new FormReader(preferences);
  const measures = Object.fromEntries(
    MEASURES.map((one) => [one, reader.number(one, form[one])]),
  ) as Record<Measure, number>;
  const sheet = { id: form.sheetId, ...measures };
  const trouble = Object.values(measures).every(Number.isFinite) ? sheetTrouble(sheet) : null;
  if (trouble) reader.fail('sheetId', trouble);
  const { name, title, producer, origin, moreText, ink, paper, weightUnits } = form;
  const candidate = {
    name,
    title,
    producer,
    origin,
    moreText,
    ink,
    paper,
    weightUnits,
    showQr: form.showQr === 'yes',
    sheet,
  };
  return reader.finish(labelDesignContentSchema, candidate, (path) => path.replace('sheet.', ''));
}
