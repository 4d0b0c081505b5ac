import type { Scheme } from '../../records';
import { kitWords } from './english/kit';

export const SCHEME_NAMES: Readonly<Record<Scheme, string>> = {
  device: kitWords.asMyDevice(),
  day: kitWords.day(),
  sun: kitWords.brightSun(),
  night: kitWords.night(),
};
