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
import { lotWords } from '../../words/english/lot';

export const CONTAINER_NAMES: Readonly<Record<ContainerKind, string>> = {
  bucket: lotWords.bucket(),
  tank: lotWords.tank(),
  drum: lotWords.drum(),
  tub: lotWords.tub(),
  'comb-piece': lotWords.pieceOfComb(),
  jar: lotWords.jar(),
};

const plusMinus = (of: Quantity) => orElse(quantity(of, lotWords.mayBeOffBy()), '0');

/** Containers of one kind. */
export const containerEntry = entryOf(containerContentSchema, {
  containerKind: choice(lotWords.kind(), CONTAINER_NAMES, { as: 'select' }),
  label: words(lotWords.label()),
  count: number(lotWords.howMany(), { digits: 0 }),
  amount: variant(
    'by',
    {
      mass: { massKg: quantity('mass', lotWords.honeyInEach()), plusMinusKg: plusMinus('mass') },
      volume: {
        volumeL: quantity('volume', lotWords.honeyInEach()),
        plusMinusL: plusMinus('volume'),
      },
      'fill-height': {
        innerDiameterCm: quantity('length', lotWords.innerDiameter()),
        fillHeightCm: quantity('length', lotWords.fillHeight()),
        plusMinusCm: plusMinus('length'),
      },
    },
    {
      none: 'unknown',
      usual: { plusMinusKg: 0.1, plusMinusL: 0.5, plusMinusCm: 0.5 },
      look: {
        label: lotWords.howMuchIsInEach(),
        names: {
          unknown: lotWords.notKnown(),
          mass: lotWords.weighed(),
          volume: lotWords.byVolume(),
          'fill-height': lotWords.byFillHeight(),
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
    rest: ({ suspects, count }) => ({
      suspects: suspects.filter((suspect) => suspect.item <= count),
    }),
  });
