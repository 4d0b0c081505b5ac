import { ownSchoolContentSchema, type OwnSchoolContent } from '../../../records';
import { choice, oneOf, optional, percent, words } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { commonWords } from '../../words/english/common';
import { hiveFormWords } from '../../words/english/hiveForm';

type Of<K extends keyof OwnSchoolContent> = OwnSchoolContent[K] & string;

const STOPS: Readonly<Record<Of<'stopsAt'>, string>> = {
  drops: hiveFormWords.dropsFall(),
  runs: hiveFormWords.honeyRuns(),
};

/** A school, shipped or one's own, shares in percent. */
export const schoolEntry = entryOf(ownSchoolContentSchema, {
  name: words(commonWords.name()),
  rule: oneOf<Of<'rule'>>(hiveFormWords.rule(), 'each-side'),
  ripeShare: percent(hiveFormWords.cappedShareAskedFor()),
  excusedShare: optional(
    percent(hiveFormWords.withACleanShakeEnough(), { hint: hiveFormWords.leaveEmptyForNever() }),
  ),
  stopsAt: choice(hiveFormWords.notTakenIf(), STOPS),
  drying: oneOf<Of<'drying'>>(hiveFormWords.drying(), 'none'),
  meter: oneOf<Of<'meter'>>(commonWords.meter(), 'no'),
  timing: oneOf<Of<'timing'>>(hiveFormWords.timing(), 'once-a-year'),
  stays: oneOf<Of<'stays'>>(hiveFormWords.whatStays(), 'clear', { as: 'choice' }),
  weakPoint: words(hiveFormWords.itsWeakPoint()),
});
