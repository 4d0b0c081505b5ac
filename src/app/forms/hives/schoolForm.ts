import { ownSchoolContentSchema, type OwnSchoolContent } from '../../../records';
import { choice, oneOf, optional, percent, words } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';

type Of<K extends keyof OwnSchoolContent> = OwnSchoolContent[K] & string;

const STOPS: Readonly<Record<Of<'stopsAt'>, string>> = {
  drops: 'Drops at the shake',
  runs: 'Running honey',
};

/** A school, shipped or one's own, shares in percent. */
export const schoolEntry = entryOf(ownSchoolContentSchema, {
  name: words('Name'),
  rule: oneOf<Of<'rule'>>('Rule', 'each-side'),
  ripeShare: percent('Capped share asked for'),
  excusedShare: optional(percent('A clean shake excuses down to', { hint: 'Empty: never' })),
  stopsAt: choice('Not taken from', STOPS),
  drying: oneOf<Of<'drying'>>('Drying', 'none'),
  meter: oneOf<Of<'meter'>>('Meter', 'no'),
  timing: oneOf<Of<'timing'>>('Timing', 'once-a-year'),
  stays: oneOf<Of<'stays'>>('What stays', 'clear', { as: 'choice' }),
  weakPoint: words('Its weak point'),
});
