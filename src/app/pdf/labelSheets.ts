import type { LabelSheet } from '../../records';
import { dossierWords } from '../words/english/dossier';

const A4 = { pageWidthMm: 210, pageHeightMm: 297 } as const;
const LETTER = { pageWidthMm: 215.9, pageHeightMm: 279.4 } as const;

/** A grid of labels with its name. */
export interface NamedSheet {
  readonly name: string;
  readonly sheet: LabelSheet;
}

/** Common grids of labels, and strips that go around a jar; measure yours. @source common practice, no source */
export const LABEL_SHEETS: readonly NamedSheet[] = [
  {
    name: dossierWords.aLabelsOfMm(),
    sheet: {
      id: 'a4-21',
      ...A4,
      columns: 3,
      rows: 7,
      marginLeftMm: 7.2,
      marginTopMm: 15.1,
      labelWidthMm: 63.5,
      labelHeightMm: 38.1,
      gapXMm: 2.5,
      gapYMm: 0,
    },
  },
  {
    name: dossierWords.aLabelsOfMm2(),
    sheet: {
      id: 'a4-8',
      ...A4,
      columns: 2,
      rows: 4,
      marginLeftMm: 4.65,
      marginTopMm: 13.1,
      labelWidthMm: 99.1,
      labelHeightMm: 67.7,
      gapXMm: 2.5,
      gapYMm: 0,
    },
  },
  {
    name: dossierWords.aLabelsOfMm3(),
    sheet: {
      id: 'a4-24',
      ...A4,
      columns: 3,
      rows: 8,
      marginLeftMm: 0,
      marginTopMm: 0.5,
      labelWidthMm: 70,
      labelHeightMm: 37,
      gapXMm: 0,
      gapYMm: 0,
    },
  },
  {
    name: dossierWords.usLetterLabelsOfIn(),
    sheet: {
      id: 'letter-10',
      ...LETTER,
      columns: 2,
      rows: 5,
      marginLeftMm: 4,
      marginTopMm: 12.7,
      labelWidthMm: 101.6,
      labelHeightMm: 50.8,
      gapXMm: 4.8,
      gapYMm: 0,
    },
  },
  {
    name: dossierWords.aStripsAroundTheJar(),
    sheet: {
      id: 'a4-strip',
      ...A4,
      columns: 1,
      rows: 8,
      marginLeftMm: 6,
      marginTopMm: 10,
      labelWidthMm: 198,
      labelHeightMm: 32,
      gapXMm: 0,
      gapYMm: 2.5,
    },
  },
];

/** Labels on one sheet. */
export const labelsOnSheet = ({ columns, rows }: LabelSheet): number => columns * rows;

/** Whether a grid fits its page, or one sentence that says what does not. */
export function sheetTrouble(sheet: LabelSheet): string | null {
  const width =
    sheet.marginLeftMm + sheet.columns * sheet.labelWidthMm + (sheet.columns - 1) * sheet.gapXMm;
  const height =
    sheet.marginTopMm + sheet.rows * sheet.labelHeightMm + (sheet.rows - 1) * sheet.gapYMm;
  if (width > sheet.pageWidthMm + 0.5) {
    return dossierWords.togetherTheLabelsAreMm({ width: (width - sheet.pageWidthMm).toFixed(1) });
  }
  return height > sheet.pageHeightMm + 0.5
    ? dossierWords.togetherTheLabelsAreMmHigher({
        height: (height - sheet.pageHeightMm).toFixed(1),
      })
    : null;
}
