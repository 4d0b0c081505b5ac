import type { BlendAim, BlendTank } from '../../../core';
import { z, type Preferences } from '../../../records';
import type { FormOf } from '../../entry/codec';
import { choice, number, quantity, several, words } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import type { Parsed } from '../../entry/reader';
import { AIM_NAMES } from '../../words/storeWords';

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
  name: z
    .string()
    .trim()
    .min(1, 'Give the blend a name that you find again.')
    .max(60, 'Keep the name under 60 letters.'),
  lotIds: z.array(z.string()).min(1, 'Choose at least one lot.'),
  tankCount: z
    .number()
    .int('Type a whole number of tanks.')
    .min(1, 'One to twelve tanks.')
    .max(12, 'One to twelve tanks.'),
  capacityKg: z
    .number()
    .min(1, 'A tank holds 1 kg and more.')
    .max(100_000, 'That is larger than any tank.'),
  targetPercent: z
    .number()
    .min(14, 'A target lies between 14 and 25 %.')
    .max(25, 'A target lies between 14 and 25 %.'),
  aim: z.enum(['save', 'fill']),
  allowed: z.array(z.enum(['flows', 'colours', 'parts'])),
  openingWorthKg: z
    .number()
    .min(0, 'Type 0 or more.')
    .max(100, 'Then nothing would ever be opened.'),
});

const ALLOWED_NAMES = {
  flows: 'Flows may mix',
  colours: 'Colours may mix',
  parts: 'Containers may be poured in part',
} as const;

/** What a blend is asked for. */
export const blendEntry = entryOf(settingsSchema, {
  lotIds: several('Lots that may be poured from'),
  aim: choice('To do what', AIM_NAMES),
  targetPercent: number('Target, with guard band', { unit: '%' }),
  tankCount: number('Tanks', { digits: 0 }),
  capacityKg: quantity('mass', 'Each holds', { digits: 1 }),
  allowed: several<keyof typeof ALLOWED_NAMES>('Allowed', ALLOWED_NAMES),
  openingWorthKg: quantity('mass', 'Opening one more must save', {
    digits: 1,
    hint: 'The more, the fewer containers are opened.',
  }),
  name: words('Name of the blend'),
});
export type BlendForm = FormOf<typeof blendEntry.fields>;

export const freshBlend = (lots: readonly string[], preferences: Preferences): BlendForm =>
  blendEntry.fill(
    {
      name: 'Blend',
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
      tanks: Array.from({ length: tankCount }, (_, at) => ({ id: `Tank ${at + 1}`, capacityKg })),
      mixFlows: allowed.includes('flows'),
      mixColours: allowed.includes('colours'),
      wholeOnly: !allowed.includes('parts'),
    },
  };
}
