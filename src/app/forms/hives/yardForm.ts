import type { Climate } from '../../../core';
import { yardContentSchema } from '../../../records';
import { choice, words } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';

const CLIMATE_NAMES: Readonly<Record<Climate, string>> = {
  dry: 'Dry',
  ordinary: 'Ordinary',
  damp: 'Damp',
  'not-said': 'Not known',
};

export const yardEntry = entryOf(yardContentSchema, {
  name: words('Name'),
  climate: choice('Air of the season', CLIMATE_NAMES, {
    hint: 'In damp air bees cap honey that is wetter',
  }),
  remark: words('Remark'),
});
