import type { BlendAim, BlendTank } from '../../../core';
import { between, nameField, wholeBetween, z, type Preferences } from '../../../records';
import type { FormOf } from '../../entry/codec';
import { choice, number, quantity, several, words } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import type { Parsed } from '../../entry/reader';
import { AIM_NAMES } from '../../words/storeWords';
import { blendWords } from '../../words/english/blend';

/** What is asked of a blend. */
export interface BlendSettings {
  readonly name: string;
  readonly lotIds: readonly string[];
  readonly tanks: readonly BlendTank[];
  readonly targetPercent: number;
  readonly aim: BlendAim;
  readonly mixFlows: boolean;
  readonly mixColours: boolean;
  readonly wholeOnly: boolean;
  readonly openingWorthKg: number;
}

const settingsSchema = z.object({
  name: nameField(),
  lotIds: z.array(z.string()).min(1, 'lotsMissing'),
  tankCount: wholeBetween(1, 12),
  capacityKg: between(1, 100_000),
  targetPercent: between(14, 25),
  aim: z.enum(['save', 'fill']),
  allowed: z.array(z.enum(['flows', 'colours', 'parts'])),
  openingWorthKg: between(0, 100),
});

const ALLOWED_NAMES = {
  flows: blendWords.flowsMayMix(),
  colours: blendWords.coloursMayMix(),
  parts: blendWords.containersMayBePouredIn(),
} as const;

/** What a blend is asked for. */
export const blendEntry = entryOf(settingsSchema, {
  lotIds: several(blendWords.lotsThatMayBePoured()),
  aim: choice(blendWords.goal(), AIM_NAMES),
  targetPercent: number(blendWords.targetWithGuardBand(), { unit: '%' }),
  tankCount: number(blendWords.tanks(), { digits: 0 }),
  capacityKg: quantity('mass', blendWords.eachHolds(), { digits: 1 }),
  allowed: several<keyof typeof ALLOWED_NAMES>(blendWords.allowed(), ALLOWED_NAMES),
  openingWorthKg: quantity('mass', blendWords.openingOneMoreMustSave(), {
    digits: 1,
    hint: blendWords.theHigherTheFewerContainers(),
  }),
  name: words(blendWords.nameOfTheBlend()),
});
export type BlendForm = FormOf<typeof blendEntry.fields>;

export const freshBlend = (lots: readonly string[], preferences: Preferences): BlendForm =>
  blendEntry.fill(
    {
      name: blendWords.blend(),
      lotIds: [...lots],
      tankCount: 1,
      capacityKg: 50,
      targetPercent: 18,
      aim: 'save',
      allowed: ['parts'],
      openingWorthKg: 0.5,
    },
    preferences,
  );

/** What a blend is asked for, or what is wrong in which field. */
export function readBlendForm(form: BlendForm, preferences: Preferences): Parsed<BlendSettings> {
  const parsed = blendEntry.read(form, preferences);
  if (!parsed.ok) return parsed;
  const { tankCount, capacityKg, allowed, ...rest } = parsed.content;
  return {
    ok: true,
    content: {
      ...rest,
      tanks: Array.from({ length: tankCount }, (_, at) => ({
        id: blendWords.tank({ at: at + 1 }),
        capacityKg,
      })),
      mixFlows: allowed.includes('flows'),
      mixColours: allowed.includes('colours'),
      wholeOnly: !allowed.includes('parts'),
    },
  };
}
