import { colonyContentSchema, type ColonyContent } from '../../../records';
import type { Codec } from '../../entry/codec';
import { choice, choiceOrNull, number, oneOf, quantity, words } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { variant } from '../../entry/groups';
import { commonWords } from '../../words/english/common';
import { hiveFormWords } from '../../words/english/hiveForm';

const HEALTH_NAMES: Readonly<Record<ColonyContent['health'], string>> = {
  sound: hiveFormWords.sound(),
  unknown: hiveFormWords.notKnown(),
  suspect: hiveFormWords.inDoubt(),
};

const HOW_MUCH = {
  label: hiveFormWords.howMuch(),
  hint: hiveFormWords.yourOwnTargetRipenumDoes(),
} as const;

/** Never chosen beforehand: honey of a hive that nobody looked at must not pass for that of a sound one. */
export const health: Codec<ColonyContent['health'], ColonyContent['health'] | ''> = {
  ...choice(hiveFormWords.health(), HEALTH_NAMES, { hint: hiveFormWords.unknownOrInDoubtNone() }),
  empty: '',
  read: (typed, at) => {
    if (typed === '') at.fail(hiveFormWords.sayHowHealthy());
    return typed || 'unknown';
  },
};

/** A hive. */
export const colonyEntry = entryOf(colonyContentSchema, {
  yardId: oneOf(hiveFormWords.yard(), ''),
  name: words(hiveFormWords.nameOrNumber()),
  keep: variant(
    'by',
    {
      frames: {
        frames: number(HOW_MUCH.label, {
          unit: hiveFormWords.frames(),
          digits: 1,
          hint: HOW_MUCH.hint,
        }),
      },
      boxes: {
        boxes: number(HOW_MUCH.label, {
          unit: hiveFormWords.boxes(),
          digits: 1,
          hint: HOW_MUCH.hint,
        }),
      },
      mass: { kg: quantity('mass', HOW_MUCH.label, { digits: 1, hint: HOW_MUCH.hint }) },
    },
    {
      none: 'nothing',
      look: {
        label: hiveFormWords.youWantToLeaveIt(),
        names: {
          nothing: hiveFormWords.noTarget(),
          frames: commonWords.framesHeading(),
          boxes: hiveFormWords.aBox(),
          mass: hiveFormWords.aWeight(),
        },
      },
    },
  ),
  health,
  temper: choiceOrNull(
    hiveFormWords.temper(),
    hiveFormWords.notKnown(),
    { gentle: hiveFormWords.gentle(), defensive: hiveFormWords.defensive() },
    { hint: hiveFormWords.defensiveLast() },
  ),
  remark: words(commonWords.remark()),
});
