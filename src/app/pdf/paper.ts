import fontkit from '@cantoo/fontkit';
import { PDFDocument, rgb, type PDFPage, type RGB } from '@cantoo/pdf-lib';
import type { PaperFonts } from './fonts';
import { Typeface, missingIn, type MadePdf } from './typeface';
import { dossierWords } from '../words/english/dossier';
import { plain, brokenLines } from './brokenLines';

export const INK: RGB = rgb(0x18 / 255, 0x23 / 255, 0x3a / 255);
export const THREAD: RGB = rgb(0xcf / 255, 0xc5 / 255, 0xb2 / 255);
export const LAVENDER: RGB = rgb(0x57 / 255, 0x44 / 255, 0x88 / 255);

const A4 = { width: 595.28, height: 841.89 } as const;
const MARGIN = { side: 50, top: 52, bottom: 62 } as const;

/** How a piece of text looks. */
export interface TextLook {
  readonly size?: number;
  readonly bold?: boolean;
  /** from the left edge of the text [pt] */
  readonly indent?: number;
  /** free room below [pt] */
  readonly below?: number;
}

/** Pages that are written from the top, a new one wherever the last is full. */
export class Paper {
  private y: number = A4.height - MARGIN.top;
  private current: PDFPage;

  private constructor(
    readonly document: PDFDocument,
    readonly regular: Typeface,
    readonly bold: Typeface,
  ) {
    this.current = document.addPage([A4.width, A4.height]);
  }

  static async create(fonts: PaperFonts, title: string): Promise<Paper> {
    const document = await PDFDocument.create();
    document.registerFontkit(fontkit);
    document.setTitle(title);
    document.setProducer('Ripenum');
    document.setCreator('Ripenum');
    const regular = await Typeface.embedded(document, fonts.regular);
    const bold = await Typeface.embedded(document, fonts.bold);
    return new Paper(document, regular, bold);
  }

  readonly left: number = MARGIN.side;
  readonly width: number = A4.width - 2 * MARGIN.side;

  /** Room for something of a height: its page and its lower edge; the pen goes below it. */
  room(height: number, below = 0): { readonly page: PDFPage; readonly bottom: number } {
    if (this.y - height < MARGIN.bottom) this.newPage();
    this.y -= height;
    const bottom = this.y;
    this.y -= below;
    return { page: this.current, bottom };
  }

  newPage(): void {
    this.current = this.document.addPage([A4.width, A4.height]);
    this.y = A4.height - MARGIN.top;
  }

  text(text: string, { size = 10, bold = false, indent = 0, below = 3 }: TextLook = {}): void {
    const font = bold ? this.bold : this.regular;
    const lines = brokenLines(text, (part) => font.width(part, size), this.width - indent);
    lines.forEach((line, at) => {
      const { page, bottom } = this.room(size * 1.3, at === lines.length - 1 ? below : 0);
      font.draw(page, line, {
        x: this.left + indent,
        y: bottom + size * 0.3,
        size,
        color: INK,
      });
    });
  }

  heading(text: string): void {
    this.room(10);
    const { page, bottom } = this.room(22, 6);
    page.drawLine({
      start: { x: this.left, y: bottom + 20 },
      end: { x: this.left + this.width, y: bottom + 20 },
      thickness: 1.2,
      color: INK,
    });
    this.bold.draw(page, plain(text), { x: this.left, y: bottom + 3, size: 13, color: INK });
  }

  /** A table whose columns have shares of the width; a row never breaks over two pages. */
  table(
    head: readonly string[],
    rows: readonly (readonly string[])[],
    shares: readonly number[],
  ): void {
    const size = 9;
    const row = (cells: readonly string[], font: Typeface): void => {
      const broken = cells.map((cell, at) =>
        brokenLines(cell, (part) => font.width(part, size), this.width * shares[at]! - 6),
      );
      const height = Math.max(...broken.map((item) => item.length)) * size * 1.3 + 4;
      const { page, bottom } = this.room(height);
      let x = this.left;
      broken.forEach((lines, at) => {
        lines.forEach((line, index) => {
          const y = bottom + height - (index + 1) * size * 1.3;
          font.draw(page, line, { x, y, size, color: INK });
        });
        x += this.width * shares[at]!;
      });
      page.drawLine({
        start: { x: this.left, y: bottom },
        end: { x: this.left + this.width, y: bottom },
        thickness: 0.5,
        color: THREAD,
      });
    };
    row(head, this.bold);
    rows.forEach((item) => row(item, this.regular));
    this.room(6);
  }

  /** Writes page numbers and a line of text under every page, and gives the file. */
  async finish(footer: string): Promise<MadePdf> {
    const pages = this.document.getPages();
    pages.forEach((page, at) => {
      const number = dossierWords.pageOf({ at: at + 1, pages: pages.length });
      const size = 8;
      const right = this.left + this.width - this.regular.width(number, size);
      this.regular.draw(page, plain(footer), { x: this.left, y: 30, size, color: INK });
      this.regular.draw(page, number, { x: right, y: 30, size, color: INK });
    });
    const bytes = await this.document.save();
    return { bytes, missing: missingIn(this.regular, this.bold) };
  }
}
