import { locale } from '../words/language';

const MEGA = 1e6;
const KILO = 1000;
const NO_BREAK = '\u00a0';

/** 3.2 MB, 41 GB: as many digits as are of use, on one line. */
export function formatBytes(bytes: number): string {
  const isLarge = bytes >= KILO * MEGA;
  const value = bytes / (isLarge ? KILO * MEGA : MEGA);
  const text = new Intl.NumberFormat(locale, {
    style: 'unit',
    unit: isLarge ? 'gigabyte' : 'megabyte',
    maximumFractionDigits: value < 10 ? 1 : 0,
  }).format(value);
  return text.replaceAll(' ', NO_BREAK);
}
