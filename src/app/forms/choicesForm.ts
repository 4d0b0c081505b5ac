import { preferencesSchema, type Preferences } from '../../records';
import { choice, oneOf, words, yesNo } from '../entry/codecs';
import { entryOf } from '../entry/entry';
import { commonWords } from '../words/english/common';
import { practiceWords } from '../words/english/practice';
import { kitWords } from '../words/english/kit';
import { SCHEME_NAMES } from '../words/schemeWords';

const same = <T extends string>(...values: T[]) =>
  Object.fromEntries(values.map((value) => [value, value])) as Readonly<Record<T, T>>;

/** What the keeper chose once for all. */
export const choicesEntry = entryOf(preferencesSchema, {
  initials: words(kitWords.yourInitials(), { hint: kitWords.storedWithEverythingYouEnter() }),
  ruleSetId: oneOf(kitWords.ruleSetForNewLots(), ''),
  temperatureUnit: choice(commonWords.temperature(), { C: '°C', F: '°F' }),
  massUnit: choice(kitWords.mass(), same('kg', 'lb')),
  volumeUnit: choice(kitWords.volume(), same('L', 'US gal', 'imp gal')),
  lengthUnit: choice(kitWords.length(), same('cm', 'in')),
  hemisphere: oneOf<Preferences['hemisphere']>(kitWords.hemisphere(), 'not-said', {
    as: 'choice',
    hint: kitWords.tellsWhenYourStoreIs(),
  }),
  scheme: choice(kitWords.screen(), SCHEME_NAMES, { hint: kitWords.nightIsForADim() }),
  practisedEye: yesNo(practiceWords.correctMyGlances(), {
    names: { yes: kitWords.on(), no: kitWords.off() },
    hint: practiceWords.correctMyGlancesHint(),
  }),
  singleKeys: yesNo(kitWords.singleKeyShortcuts(), {
    names: { yes: kitWords.on(), no: kitWords.off() },
    hint: kitWords.switchOffIfYouDictate(),
  }),
});
