import { preferencesSchema, type Preferences } from '../../records';
import { choice, oneOf, words, yesNo } from '../entry/codecs';
import { entryOf } from '../entry/entry';

const same = <T extends string>(...values: T[]) =>
  Object.fromEntries(values.map((value) => [value, value])) as Readonly<Record<T, T>>;

/** What the keeper chose once for all. */
export const choicesEntry = entryOf(preferencesSchema, {
  initials: words('Your initials', { hint: 'Go with everything you enter' }),
  ruleSetId: oneOf('Rule set for new lots', ''),
  temperatureUnit: choice('Temperature', { C: '°C', F: '°F' }),
  massUnit: choice('Mass', same('kg', 'lb')),
  volumeUnit: choice('Volume', same('L', 'US gal', 'imp gal')),
  lengthUnit: choice('Length', same('cm', 'in')),
  hemisphere: oneOf<Preferences['hemisphere']>('Hemisphere', 'not-said', {
    as: 'choice',
    hint: 'When your store is warm. Until you choose, the worse of both counts',
  }),
  singleKeys: yesNo('Single keys act', {
    names: { yes: 'On', no: 'Off' },
    hint: 'Off if you dictate or your input aid sends letters',
  }),
});
