import { colonyContentSchema, type ColonyContent } from '../../../records';
import { choice, number, oneOf, quantity, words } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { variant } from '../../entry/groups';

const HEALTH_NAMES: Readonly<Record<ColonyContent['health'], string>> = {
  sound: 'Sound',
  unknown: 'Not known',
  suspect: 'In doubt',
};

const HOW_MUCH = {
  label: 'How much',
  hint: 'Your own target; Ripenum does not know what a colony needs at your place',
} as const;

/** A hive. */
export const colonyEntry = entryOf(colonyContentSchema, {
  yardId: oneOf('Yard', ''),
  name: words('Name or number'),
  keep: variant(
    'by',
    {
      frames: {
        frames: number(HOW_MUCH.label, { unit: 'frames', digits: 1, hint: HOW_MUCH.hint }),
      },
      mass: { kg: quantity('mass', HOW_MUCH.label, { digits: 1, hint: HOW_MUCH.hint }) },
    },
    {
      none: 'nothing',
      look: {
        label: 'You want to leave it',
        names: { nothing: 'No target', frames: 'Frames', mass: 'A weight' },
      },
    },
  ),
  health: choice('Health', HEALTH_NAMES, {
    hint: 'Unknown or in doubt: nothing of it is fed to other colonies',
  }),
  remark: words('Remark'),
});
