import {
  containerContentSchema,
  type ContainerContent,
  type ContainerKind,
  type Preferences,
} from '../../../records';
import type { FormOf } from '../../entry/codec';
import { asIs, choice, number, orElse, quantity, words } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { variant } from '../../entry/groups';
import type { Parsed } from '../../entry/reader';
import type { Quantity } from '../../format/units';

export const CONTAINER_NAMES: Readonly<Record<ContainerKind, string>> = {
  bucket: 'Bucket',
  tank: 'Tank',
  drum: 'Drum',
  tub: 'Tub',
  'comb-piece': 'Piece of comb',
  jar: 'Jar',
};

const plusMinus = (of: Quantity) => orElse(quantity(of, 'May be off by ±'), '0');

/** Containers of one kind. */
export const containerEntry = entryOf(containerContentSchema, {
  containerKind: choice('Kind', CONTAINER_NAMES, { as: 'select' }),
  label: words('Label'),
  count: number('How many', { digits: 0 }),
  amount: variant(
    'by',
    {
      mass: { massKg: quantity('mass', 'Honey in each'), plusMinusKg: plusMinus('mass') },
      volume: { volumeL: quantity('volume', 'Honey in each'), plusMinusL: plusMinus('volume') },
      'fill-height': {
        innerDiameterCm: quantity('length', 'Inner diameter'),
        fillHeightCm: quantity('length', 'Fill height'),
        plusMinusCm: plusMinus('length'),
      },
    },
    {
      none: 'unknown',
      usual: { plusMinusKg: 0.1, plusMinusL: 0.5, plusMinusCm: 0.5 },
      look: {
        label: 'How much is in each',
        names: {
          unknown: 'Not known',
          mass: 'Weighed',
          volume: 'By volume',
          'fill-height': 'By fill height',
        },
      },
    },
  ),
  /** marked at the bench; kept as they are while the rest is corrected */
  suspects: asIs<ContainerContent['suspects']>([]),
});
export type ContainerForm = FormOf<typeof containerEntry.fields>;

/** One bucket, not weighed. */
export const freshContainer = (preferences: Preferences): ContainerForm =>
  containerEntry.fill({ label: CONTAINER_NAMES.bucket, count: 1, amount: null }, preferences);

/** The container entry that the form says, or what is wrong in which field. */
export const readContainerForm = (
  form: ContainerForm,
  preferences: Preferences,
): Parsed<ContainerContent> =>
  containerEntry.read(form, preferences, {
    rest: ({ suspects, count }) => ({ suspects: suspects.filter((one) => one.item <= count) }),
  });
