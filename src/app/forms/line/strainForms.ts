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
import { commonWords } from '../../words/english/common';
import { lineFormWords } from '../../words/english/lineForm';

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
  name: words(lineFormWords.container(), { hint: lineFormWords.forExampleSettlingTankOr() }),
  heightCm: quantity('length', lineFormWords.honeyDepth(), { digits: 1 }),
  diameterCm: quantity('length', lineFormWords.diameter(), { digits: 1 }),
  startC: quantity('temperature', lineFormWords.honeyWhenFilled()),
  roomC: quantity('temperature', lineFormWords.theRoom()),
  moisturePercent: number(commonWords.waterContent(), { unit: '%', digits: 1 }),
  strainedUm: optional(
    number(lineFormWords.strainedThrough(), {
      unit: 'µm',
      digits: 1,
      hint: lineFormWords.leaveEmptyIfNotStrained(),
    }),
  ),
  filledAt: moment(lineFormWords.filled()),
  endedAt: optional(
    moment(lineFormWords.stoodUntil(), { hint: lineFormWords.leaveEmptyWhileItStands() }),
  ),
  remark: words(commonWords.remark()),
});

/** A spell of one temperature; the record may hold several, of which the first is shown. */
const spell = group({
  days: number(lineFormWords.for(), { unit: commonWords.days(), digits: 3 }),
  temperatureC: quantity('temperature', lineFormWords.temperatureOfTheHoney(), {
    hint: lineFormWords.theHoneyItselfNotThe(),
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
  occasion: choice(lineFormWords.whatFor(), OCCASION_NAMES, { as: 'select' }),
  startedAt: moment(commonWords.from()),
  spells: oneSpell,
  remark: words(commonWords.remark()),
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
  stage: choice<Weighed>(commonWords.honey(), WEIGHED_NAMES, { as: 'select' }),
  massKg: quantity('mass', lineFormWords.netWeight()),
  plusMinusKg: orElse(quantity('mass', lineFormWords.knownTo()), '0'),
  weighedAt: moment(lineFormWords.weighed()),
  remark: words(commonWords.remark()),
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
