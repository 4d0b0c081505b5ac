import {
  labelDesignContentSchema,
  wholeBetween,
  z,
  type LabelDesignContent,
  type Preferences,
} from '../../../records';
import type { FormOf } from '../../entry/codec';
import { asIs, choice, number, oneOf, words, yesNo } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { group } from '../../entry/groups';
import type { Parsed } from '../../entry/reader';
import { LABEL_SHEETS, labelsOnSheet, sheetTrouble } from '../../pdf/labelSheets';
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

/** Which jar comes first, and where on a sheet that is partly used. */
export const labelStartEntry = entryOf(
  z.object({ fromJar: wholeBetween(1, 100_000), firstPlace: wholeBetween(1, 480) }),
  {
    fromJar: number(jarsWords.fromJar(), { digits: 0 }),
    firstPlace: number(jarsWords.firstPlaceOnTheSheet(), {
      digits: 0,
      hint: jarsWords.aSheetPartlyUsedGoes(),
    }),
  },
);

/** Labels as they are asked for: the design, and where to begin. */
export type LabelRunForm = LabelForm & { start: FormOf<typeof labelStartEntry.fields> };

/** Labels to print. */
export interface LabelRun {
  readonly design: LabelDesignContent;
  readonly fromJar: number;
  readonly firstPlace: number;
}

/** The labels that the form asks for, or what is wrong in which field. */
export function readLabelRun(
  { start, ...label }: LabelRunForm,
  preferences: Preferences,
  jars: number,
): Parsed<LabelRun> {
  const design = readLabelForm(label, preferences);
  const places = design.ok ? labelsOnSheet(design.content.sheet) : Infinity;
  const begin = labelStartEntry.read(start, preferences, {
    check: ({ fromJar, firstPlace }, reader) => {
      if (fromJar > jars) reader.at('fromJar').fail(jarsWords.notSoManyJars({ count: jars }));
      if (firstPlace > places) reader.at('firstPlace').fail(jarsWords.notSoManyPlaces({ places }));
    },
  });
  if (design.ok && begin.ok)
    return { ok: true, content: { design: design.content, ...begin.content } };
  const errors = Object.entries(begin.ok ? {} : begin.errors);
  return {
    ok: false,
    errors: {
      ...(design.ok ? {} : design.errors),
      ...Object.fromEntries(errors.map(([at, error]) => [`start.${at}`, error])),
    },
  };
}
