import fontkit from '@cantoo/fontkit';
import { PDFDocument, rgb, type PDFPage, type RGB } from '@cantoo/pdf-lib';
import type { LabelDesignContent } from '../../records';
import type { PaperFonts } from './fonts';
import type { LabelLine, LabelText } from './labelText';
import { PT_PER_MM, brokenLines } from './brokenLines';
import { drawQr } from './qr';
import { Typeface, missingIn, type MadePdf } from './typeface';

/** One label to print. */
export interface LabelToPrint {
  readonly text: LabelText;
  /** what its code says; none is drawn where it is empty */
  readonly qr: string;
}

/** Labels as sheets, and whether any text had to be made smaller than can be read. */
export interface LabelSheets extends MadePdf {
  readonly pages: number;
  readonly tooSmall: boolean;
}

const PADDING_MM = 2;
const LARGEST_PT = 11;

/** Smallest text that is printed [pt]; smaller is reported. @source common practice, no source: 1.2 mm and more in height of an x */
const SMALLEST_PT = 5;

/** A strip that is wider than so many times its height has its text side by side. */
const STRIP_FROM = 3.5;

const colourOf = (hex: string): RGB => {
  const part = (at: number): number => parseInt(hex.slice(at, at + 2), 16) / 255;
  return rgb(part(1), part(3), part(5));
};

interface Fonts {
  readonly regular: Typeface;
  readonly bold: Typeface;
}

interface Box {
  readonly x: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
}

interface Broken {
  readonly line: LabelLine;
  readonly parts: readonly string[];
}

function broken(lines: readonly LabelLine[], size: number, width: number, fonts: Fonts): Broken[] {
  return lines.map((line) => {
    const font = line.bold ? fonts.bold : fonts.regular;
    const widthOf = (part: string): number => font.width(part, size * line.scale);
    return { line, parts: brokenLines(line.text, widthOf, width) };
  });
}

const heightOf = (all: readonly Broken[], size: number): number =>
  all.reduce((sum, { line, parts }) => sum + parts.length * size * line.scale * 1.25, 0);

/** The largest size at which lines fit a box. */
function fittingSize(lines: readonly LabelLine[], box: Box, fonts: Fonts): number {
  let size = LARGEST_PT;
  while (size > 3 && heightOf(broken(lines, size, box.width, fonts), size) > box.height)
    size *= 0.95;
  return size;
}

function writeLines(
  page: PDFPage,
  lines: readonly LabelLine[],
  { box, fonts, color }: { readonly box: Box; readonly fonts: Fonts; readonly color: RGB },
): number {
  const size = fittingSize(lines, box, fonts);
  let y = box.top;
  for (const { line, parts } of broken(lines, size, box.width, fonts)) {
    const font = line.bold ? fonts.bold : fonts.regular;
    for (const part of parts) {
      y -= size * line.scale * 1.25;
      font.draw(page, part, {
        x: box.x,
        y: y + size * line.scale * 0.28,
        size: size * line.scale,
        color,
      });
    }
  }
  return size;
}

function drawLabel(
  page: PDFPage,
  label: LabelToPrint,
  {
    design,
    place,
    fonts,
  }: { readonly design: LabelDesignContent; readonly place: Box; readonly fonts: Fonts },
): number {
  const { x, top, width, height } = place;
  page.drawRectangle({ x, y: top - height, width, height, color: colourOf(design.paper) });
  const pad = PADDING_MM * PT_PER_MM;
  const ink = colourOf(design.ink);
  const qrSide = label.qr === '' ? 0 : Math.min(height - 2 * pad, 18 * PT_PER_MM, width * 0.3);
  const inner = { x: x + pad, top: top - pad, width: width - 2 * pad, height: height - 2 * pad };
  if (qrSide > 0) {
    drawQr(page, label.qr, {
      x: x + width - pad - qrSide,
      y: top - pad - qrSide,
      side: qrSide,
      color: ink,
    });
  }
  const free = inner.width - (qrSide > 0 ? qrSide + pad : 0);
  const { front, back } = label.text;
  if (width / height > STRIP_FROM) {
    const half = free / 2 - pad;
    const left = writeLines(page, front, { box: { ...inner, width: half }, fonts, color: ink });
    const right = writeLines(page, back, {
      box: { ...inner, x: inner.x + free / 2, width: half },
      fonts,
      color: ink,
    });
    return Math.min(left, right);
  }
  return writeLines(page, [...front, ...back], {
    box: { ...inner, width: free },
    fonts,
    color: ink,
  });
}

/** Labels to print, and where they begin. */
export interface LabelJob {
  /** of the document */
  readonly title: string;
  readonly design: LabelDesignContent;
  readonly labels: readonly LabelToPrint[];
  /** places of the first sheet that are used already */
  readonly skip: number;
}

/** Labels on as many sheets as they need, each sheet as the design says; tells how far it is, 0 to 1. */
export async function labelsPdf(
  { title, design, labels, skip }: LabelJob,
  files: PaperFonts,
  onProgress: (share: number) => void = () => undefined,
): Promise<LabelSheets> {
  const document = await PDFDocument.create();
  document.registerFontkit(fontkit);
  document.setTitle(title);
  const fonts = {
    regular: await Typeface.embedded(document, files.regular),
    bold: await Typeface.embedded(document, files.bold),
  };
  const { sheet } = design;
  const mm = (value: number): number => value * PT_PER_MM;
  let page: PDFPage | null = null;
  let smallest = Infinity;
  labels.forEach((label, at) => {
    const index = (at + skip) % (sheet.columns * sheet.rows);
    if (index === 0 || !page) {
      onProgress(at / labels.length);
      page = document.addPage([mm(sheet.pageWidthMm), mm(sheet.pageHeightMm)]);
    }
    const [column, row] = [index % sheet.columns, Math.floor(index / sheet.columns)];
    const place = {
      x: mm(sheet.marginLeftMm + column * (sheet.labelWidthMm + sheet.gapXMm)),
      top: mm(sheet.pageHeightMm - sheet.marginTopMm - row * (sheet.labelHeightMm + sheet.gapYMm)),
      width: mm(sheet.labelWidthMm),
      height: mm(sheet.labelHeightMm),
    };
    smallest = Math.min(smallest, drawLabel(page, label, { design, place, fonts }));
  });
  const bytes = await document.save();
  return {
    bytes,
    missing: missingIn(fonts.regular, fonts.bold),
    pages: document.getPageCount(),
    tooSmall: smallest < SMALLEST_PT,
  };
}
