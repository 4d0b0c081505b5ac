import type { BlendAim, BlendTank } from '../../core';
import { z, type Preferences } from '../../records';
import { decimalText } from '../format/decimal';
import { unitOf } from '../format/units';
import { FormReader, type Parsed } from './parsed';

/** What a blend is asked for, as it is typed. */
export interface BlendForm {
  name: string;
  lots: string[];
  tanks: string;
  capacity: string;
  target: string;
  aim: BlendAim;
  allowed: ('flows' | 'colours' | 'parts')[];
  opening: string;
}

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

export function freshBlend(lots: readonly string[], preferences: Preferences): BlendForm {
  const mass = unitOf('mass', preferences);
  return {
    name: 'Blend',
    lots: [...lots],
    tanks: '1',
    capacity: decimalText(mass.fromBase(50), 0),
    target: '18',
    aim: 'save',
    allowed: ['parts'],
    opening: decimalText(mass.fromBase(0.5), 1),
  };
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
  openingWorthKg: z
    .number()
    .min(0, 'Type 0 or more.')
    .max(100, 'Then nothing would ever be opened.'),
});

const FIELDS: Readonly<Record<string, string>> = {
  lotIds: 'lots',
  tankCount: 'tanks',
  capacityKg: 'capacity',
  targetPercent: 'target',
  openingWorthKg: 'opening',
};

/** What a blend is asked for, or what is wrong in which field. */
export function readBlendForm(form: BlendForm, preferences: Preferences): Parsed<BlendSettings> {
  const reader = new FormReader(preferences);
  const candidate = {
    name: form.name,
    lotIds: form.lots,
    tankCount: reader.number('tanks', form.tanks),
    capacityKg: reader.quantity('capacity', form.capacity, 'mass'),
    targetPercent: reader.number('target', form.target),
    aim: form.aim,
    openingWorthKg: reader.quantity('opening', form.opening, 'mass'),
  };
  const parsed = reader.finish(settingsSchema, candidate, (path) => FIELDS[path] ?? path);
  if (!parsed.ok) return parsed;
  const { tankCount, capacityKg, ...rest } = parsed.content;
  return {
    ok: true,
    content: {
      ...rest,
      tanks: Array.from({ length: tankCount }, (_, at) => ({ id: `Tank ${at + 1}`, capacityKg })),
      mixFlows: form.allowed.includes('flows'),
      mixColours: form.allowed.includes('colours'),
      wholeOnly: !form.allowed.includes('parts'),
    },
  };
}
