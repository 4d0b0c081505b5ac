import { DEFAULT_SCHOOL_ID, DEFAULT_TARGET_PERCENT, schoolOf, type HoneyKind } from '../../../core';
import { harvestContentSchema, type HarvestContent, type Preferences } from '../../../records';
import type { FormOf } from '../../entry/codec';
import { choice, day, number, oneOf, optional, percent, quantity, words } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { group } from '../../entry/groups';

const CLEARING_NAMES: Readonly<Record<HarvestContent['clearing']['method'], string>> = {
  none: 'Not decided',
  'escape-board': 'Escape boards',
  scent: 'Scented board or cloth',
  smoke: 'Smoke',
  brush: 'Brushing',
  blower: 'Blower',
};

const KIND_NAMES: Readonly<Record<HoneyKind, string>> = {
  ordinary: 'Ordinary',
  heather: 'Heather (ling)',
};

const { stays, timing } = schoolOf(DEFAULT_SCHOOL_ID);

/** A day at the hives. */
export const harvestEntry = entryOf(harvestContentSchema, {
  name: words('Name', { placeholder: 'Marsh, first visit' }),
  day: day('Day'),
  schoolId: oneOf('School that judges', DEFAULT_SCHOOL_ID),
  timing: oneOf<HarvestContent['timing']>('Timing', timing),
  stays: oneOf<HarvestContent['stays']>('What stays', stays, { as: 'choice' }),
  flowId: optional(
    oneOf('Flow', '', { hint: 'Says until when bees can finish a frame that goes back' }),
  ),
  clearing: group({
    method: choice('Bees are cleared by', CLEARING_NAMES, { as: 'select' }),
    agent: words('Agent, as on its label'),
    contactHours: optional(
      number('Left on for', { unit: 'h', hint: 'A scent left on open comb can taint it' }),
    ),
    leadDays: optional(
      number('Days ahead', { digits: 0, hint: 'Today reminds you when the boards go on' }),
    ),
  }),
  outdoorTemperatureC: optional(quantity('temperature', 'Warmth of the days to come')),
  relativeHumidity: optional(percent('Humidity of the air')),
  honeyKind: choice('Kind of honey', KIND_NAMES),
  ruleSetId: oneOf('Rule set', ''),
  targetPercent: number('Your target', { unit: '%' }),
  bucketKg: quantity('mass', 'A bucket holds', { digits: 1 }),
  remark: words('Remark'),
});
export type HarvestForm = FormOf<typeof harvestEntry.fields>;

/** Honey that an ordinary bucket holds [kg]. @source common practice, no source */
const USUAL_BUCKET_KG = 14;

/** A day with the keeper's usual choices. */
export const freshHarvest = (today: string, preferences: Preferences): HarvestForm =>
  harvestEntry.fill(
    {
      day: today,
      ruleSetId: preferences.ruleSetId,
      targetPercent: DEFAULT_TARGET_PERCENT.ordinary,
      bucketKg: USUAL_BUCKET_KG,
    },
    preferences,
  );
