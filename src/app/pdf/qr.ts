import {
  fill,
  popGraphicsState,
  pushGraphicsState,
  rectangle,
  setFillingColor,
  type PDFPage,
  type RGB,
} from '@cantoo/pdf-lib';
import { qrBars, qrModules } from '../format/qrModules';

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
  const modules = qrModules(text);
  const step = side / modules.size;
  const bars = qrBars(modules).map(({ row, column, length }) =>
    rectangle(x + column * step, y + side - (row + 1) * step, length * step, step * 1.02),
  );
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
