import {
  fill,
  popGraphicsState,
  pushGraphicsState,
  rectangle,
  setFillingColor,
  type PDFPage,
  type RGB,
} from '@cantoo/pdf-lib';
import QRCode from 'qrcode';

/** Dark modules of a QR code, row by row; a quarter of it may be damaged. */
export interface QrModules {
  readonly size: number;
  readonly isDark: (row: number, column: number) => boolean;
}

export function qrModules(text: string): QrModules {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: 'Q' });
  return {
    size: modules.size,
    isDark: (row, column) => modules.get(row, column) === 1,
  };
}

/** Draws a QR code as squares; the paper around it must stay free for four modules. */
export function drawQr(
  page: PDFPage,
  text: string,
  {
    x,
    y,
    side,
    color,
  }: { readonly x: number; readonly y: number; readonly side: number; readonly color: RGB },
): void {
  const { size, isDark } = qrModules(text);
  const step = side / size;
  const bars = [];
  for (let row = 0; row < size; row += 1) {
    let column = 0;
    while (column < size) {
      let end = column;
      while (end < size && isDark(row, end)) end += 1;
      if (end > column) {
        // A run of dark modules is one bar, so that no hairlines show between them.
        const [left, bottom] = [x + column * step, y + side - (row + 1) * step];
        bars.push(rectangle(left, bottom, (end - column) * step, step * 1.02));
      }
      column = Math.max(end, column + 1);
    }
  }
  page.pushOperators(
    pushGraphicsState(),
    setFillingColor(color),
    ...bars,
    fill(),
    popGraphicsState(),
  );
}

/** What a dossier's QR code says: the lot's code and the digest of its records. */
export const lotQrText = (code: string, digest: string): string =>
  `RIPENUM LOT ${code} SHA-256 ${digest}`;
