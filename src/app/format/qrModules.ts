import QRCode from 'qrcode';

/** How much of a code may be damaged: a quarter on paper, little on a screen, where codes are dense. */
export type QrCare = 'Q' | 'L';

/** Dark modules of a QR code, row by row. */
export interface QrModules {
  readonly size: number;
  readonly isDark: (row: number, column: number) => boolean;
}

export function qrModules(text: string, care: QrCare = 'Q'): QrModules {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: care });
  return {
    size: modules.size,
    isDark: (row, column) => modules.get(row, column) === 1,
  };
}

/** A run of dark modules in one row: drawn as one bar, so that no hairlines show between them. */
export interface QrBar {
  readonly row: number;
  readonly column: number;
  readonly length: number;
}

export function qrBars({ size, isDark }: QrModules): QrBar[] {
  const bars: QrBar[] = [];
  for (let row = 0; row < size; row += 1) {
    let column = 0;
    while (column < size) {
      let end = column;
      while (end < size && isDark(row, end)) end += 1;
      if (end > column) bars.push({ row, column, length: end - column });
      column = Math.max(end, column + 1);
    }
  }
  return bars;
}

/** All dark modules as one path of a drawing, a unit each. */
export const qrPath = (modules: QrModules, free = 0): string =>
  qrBars(modules)
    .map(({ row, column, length }) => `M${column + free} ${row + free}h${length}v1h-${length}z`)
    .join('');
