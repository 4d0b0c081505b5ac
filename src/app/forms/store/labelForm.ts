import {
  labelDesignContentSchema,
  type LabelDesignContent,
  type Preferences,
} from '../../../records';
import type { FormOf } from '../../entry/codec';
import { asIs, choice, number, oneOf, words, yesNo } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { group } from '../../entry/groups';
import type { Parsed } from '../../entry/reader';
import { LABEL_SHEETS, sheetTrouble } from '../../pdf/labelSheets';

const UNITS: Readonly<Record<LabelDesignContent['weightUnits'], string>> = {
  metric: 'Metric',
  'metric-us': 'US and metric',
};

const millimetres = (label: string) => number(label, { unit: 'mm' });

/** The sheet that labels are printed on. */
export const sheetFields = group({
  id: oneOf('Sheet', ''),
  columns: number('Columns'),
  rows: number('Rows'),
  labelWidthMm: millimetres('Label width'),
  labelHeightMm: millimetres('Label height'),
  marginLeftMm: millimetres('Left margin'),
  marginTopMm: millimetres('Top margin'),
  gapXMm: millimetres('Gap across'),
  gapYMm: millimetres('Gap down'),
  pageWidthMm: millimetres('Page width'),
  pageHeightMm: millimetres('Page height'),
});

/** A label. */
export const labelEntry = entryOf(labelDesignContentSchema, {
  title: words('Title'),
  producer: words('Who fills it', { hint: 'Name and address, where rules ask for it' }),
  origin: words('Origin', { hint: 'The lot’s own where empty' }),
  moreText: words('More words'),
  ink: asIs('#18233a'),
  paper: asIs('#ffffff'),
  weightUnits: choice('Net weight', UNITS),
  showQr: yesNo('Code to be scanned', { names: { yes: 'Print it', no: 'Leave it out' } }),
  sheet: sheetFields,
  name: words('Name of this design'),
});
export type LabelForm = FormOf<typeof labelEntry.fields>;

export const labelFormOf = (
  content: LabelDesignContent | null,
  preferences: Preferences,
): LabelForm =>
  labelEntry.fill(
    content ?? { name: 'My label', title: 'Honey', showQr: true, sheet: LABEL_SHEETS[0]?.sheet },
    preferences,
  );

/** The label that the form says, or what is wrong in which field. */
export const readLabelForm = (
  form: LabelForm,
  preferences: Preferences,
): Parsed<LabelDesignContent> =>
  labelEntry.read(form, preferences, {
    check: ({ sheet }, reader) => {
      const { id: _id, ...measures } = sheet;
      const isRead = Object.values(measures).every(Number.isFinite);
      const trouble = isRead ? sheetTrouble(sheet) : null;
      if (trouble) reader.at('sheet.id').fail(trouble);
    },
  });
