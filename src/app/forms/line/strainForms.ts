import { type MassStage } from '../../../core';
import {
  heatSpellContentSchema,
  settlingContentSchema,
  weighingContentSchema,
  type HeatSpellContent,
  type Preferences,
  type SettlingContent,
  type WeighingContent,
} from '../../../records';
import type { FormOf } from '../../entry/codec';
import { choice, moment, number, optional, orElse, quantity, words } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { group } from '../../entry/groups';
import type { Codec } from '../../entry/codec';
import type { Parsed } from '../../entry/reader';
import { OCCASION_NAMES, STAGE_NAMES } from '../../words/strainWords';

/** A pail of 12.5 kg, strained fine, in a cool room. @source common practice, no source */
export const freshSettling = (
  now: string,
  moisturePercent: number,
): Omit<SettlingContent, 'skims'> => ({
  name: '',
  heightCm: 25,
  diameterCm: 27,
  startC: 25,
  roomC: 22,
  moisturePercent,
  strainedUm: 200,
  filledAt: now,
  endedAt: null,
  remark: '',
});

/** A vessel that stands to clear. */
export const settlingEntry = entryOf(settlingContentSchema, {
  name: words('Vessel', { hint: 'Such as “settling tank”, “pails 1 to 4”' }),
  heightCm: quantity('length', 'Honey stands', { digits: 1 }),
  diameterCm: quantity('length', 'Across', { digits: 1 }),
  startC: quantity('temperature', 'Honey when filled'),
  roomC: quantity('temperature', 'The room'),
  moisturePercent: number('Its water', { unit: '%', digits: 1 }),
  strainedUm: optional(
    number('Strained through', { unit: 'µm', digits: 1, hint: 'Empty: not strained' }),
  ),
  filledAt: moment('Filled'),
  endedAt: optional(moment('Stood until', { hint: 'Empty: it stands' })),
  remark: words('Remark'),
});

/** A spell of one temperature; the record may hold several, of which the first is shown. */
const spell = group({
  days: number('for', { unit: 'days', digits: 3 }),
  temperatureC: quantity('temperature', 'The honey had', {
    hint: 'The honey itself, not the cabinet',
  }),
});
type Spells = HeatSpellContent['spells'];
const oneSpell: Codec<Spells, FormOf<typeof spell.fields>> & Pick<typeof spell, 'fields'> = {
  ...spell,
  fill: ([first], preferences) =>
    spell.fill(first ?? { days: NaN, temperatureC: NaN }, preferences),
  read: (typed, at) => [spell.read(typed, at)],
};

export const heatEntry = entryOf(heatSpellContentSchema, {
  occasion: choice('What for', OCCASION_NAMES, { as: 'select' }),
  startedAt: moment('From'),
  spells: oneSpell,
  remark: words('Remark'),
});

/** A day at 40 °C that begins now. */
export const freshHeat = (now: string): Omit<HeatSpellContent, 'source'> => ({
  occasion: 'warming',
  startedAt: now,
  spells: [{ days: 1, temperatureC: 40 }],
  remark: '',
});

export const readHeatForm = (
  form: FormOf<typeof heatEntry.fields>,
  preferences: Preferences,
): Parsed<HeatSpellContent> =>
  heatEntry.read(form, preferences, {
    rest: { source: 'typed' },
    place: (path) => path.replace(/^spells\.\d/, 'spells'),
  });

type Weighed = Exclude<MassStage, 'in-containers'>;
const { 'in-containers': _inContainers, ...WEIGHED_NAMES } = STAGE_NAMES;

export const weighingEntry = entryOf(weighingContentSchema, {
  stage: choice<Weighed>('Honey', WEIGHED_NAMES, { as: 'select' }),
  massKg: quantity('mass', 'Weighs, tare taken off'),
  plusMinusKg: orElse(quantity('mass', 'Known to ±'), '0'),
  weighedAt: moment('Weighed'),
  remark: words('Remark'),
});

export const weighingFormOf = (
  content: WeighingContent | null,
  now: string,
  preferences: Preferences,
): FormOf<typeof weighingEntry.fields> =>
  weighingEntry.fill(
    content ?? { stage: 'in-wet-combs', plusMinusKg: 0.1, weighedAt: now },
    preferences,
  );
