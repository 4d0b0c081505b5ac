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
import { commonWords } from '../../words/english/common';
import { jarsWords } from '../../words/english/jars';

const UNITS: Readonly<Record<LabelDesignContent['weightUnits'], string>> = {
  metric: jarsWords.metric(),
  'metric-us': jarsWords.usAndMetric(),
};

const millimetres = (label: string) => number(label, { unit: 'mm' });

/** The sheet that labels are printed on. */
export const sheetFields = group({
  id: oneOf(jarsWords.sheet(), ''),
  columns: number(jarsWords.columns()),
  rows: number(jarsWords.rows()),
  labelWidthMm: millimetres(jarsWords.labelWidth()),
  labelHeightMm: millimetres(jarsWords.labelHeight()),
  marginLeftMm: millimetres(jarsWords.leftMargin()),
  marginTopMm: millimetres(jarsWords.topMargin()),
  gapXMm: millimetres(jarsWords.gapAcross()),
  gapYMm: millimetres(jarsWords.gapDown()),
  pageWidthMm: millimetres(jarsWords.pageWidth()),
  pageHeightMm: millimetres(jarsWords.pageHeight()),
});

/** A label. */
export const labelEntry = entryOf(labelDesignContentSchema, {
  title: words(jarsWords.title()),
  producer: words(jarsWords.filledBy(), { hint: jarsWords.nameAndAddressIfRequired() }),
  origin: words(jarsWords.origin(), { hint: jarsWords.theLotsOwnIfEmpty() }),
  moreText: words(jarsWords.moreWords()),
  ink: asIs('#18233a'),
  paper: asIs('#ffffff'),
  weightUnits: choice(jarsWords.netWeight(), UNITS),
  showQr: yesNo(jarsWords.codeForScanning(), {
    names: { yes: jarsWords.printIt(), no: jarsWords.leaveItOut() },
  }),
  sheet: sheetFields,
  name: words(jarsWords.nameOfThisDesign()),
});
export type LabelForm = FormOf<typeof labelEntry.fields>;

export const labelFormOf = (
  content: LabelDesignContent | null,
  preferences: Preferences,
): LabelForm =>
  labelEntry.fill(
    content ?? {
      name: jarsWords.myLabel(),
      title: commonWords.honey(),
      showQr: true,
      sheet: LABEL_SHEETS[0]?.sheet,
    },
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
