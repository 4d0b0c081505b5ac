import type { Climate } from '../../../core';
import { yardContentSchema } from '../../../records';
import { choice, words } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { commonWords } from '../../words/english/common';
import { hiveFormWords } from '../../words/english/hiveForm';

const CLIMATE_NAMES: Readonly<Record<Climate, string>> = {
  dry: hiveFormWords.dry(),
  ordinary: hiveFormWords.ordinary(),
  damp: hiveFormWords.damp(),
  'not-said': hiveFormWords.notKnown(),
};

export const yardEntry = entryOf(yardContentSchema, {
  name: words(commonWords.name()),
  climate: choice(hiveFormWords.airOfTheSeason(), CLIMATE_NAMES, {
    hint: hiveFormWords.inDampAirBeesCap(),
  }),
  remark: words(commonWords.remark()),
});
