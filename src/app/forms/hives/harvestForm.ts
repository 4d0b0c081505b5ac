import { DEFAULT_SCHOOL_ID, DEFAULT_TARGET_PERCENT, schoolOf, type HoneyKind } from '../../../core';
import { harvestContentSchema, type HarvestContent, type Preferences } from '../../../records';
import type { Codec, FormOf } from '../../entry/codec';
import { choice, day, number, oneOf, optional, percent, quantity, words } from '../../entry/codecs';
import { entryOf } from '../../entry/entry';
import { group } from '../../entry/groups';
import { commonWords } from '../../words/english/common';
import { hiveFormWords } from '../../words/english/hiveForm';

const CLEARING_NAMES: Readonly<Record<HarvestContent['clearing']['method'], string>> = {
  none: hiveFormWords.notDecided(),
  'escape-board': hiveFormWords.escapeBoards(),
  scent: hiveFormWords.scentedBoardOrCloth(),
  smoke: hiveFormWords.smoke(),
  brush: hiveFormWords.brushing(),
  blower: hiveFormWords.blower(),
};

const KIND_NAMES: Readonly<Record<HoneyKind, string>> = {
  ordinary: hiveFormWords.ordinary(),
  heather: hiveFormWords.heatherLing(),
};

const minutes = number(hiveFormWords.leftOnFor(), {
  unit: hiveFormWords.minutes(),
  digits: 0,
  hint: hiveFormWords.aScentLeftOnOpen(),
});

/** Hours in the record, minutes in the form, as labels have them. */
const contactMinutes: Codec<number, string> = {
  ...minutes,
  fill: (hours, preferences) => minutes.fill(60 * hours, preferences),
  read: (typed, at) => minutes.read(typed, at) / 60,
};

const { stays, timing } = schoolOf(DEFAULT_SCHOOL_ID);

/** A day at the hives. */
export const harvestEntry = entryOf(harvestContentSchema, {
  name: words(commonWords.name(), { placeholder: hiveFormWords.marshFirstVisit() }),
  day: day(commonWords.day()),
  schoolId: oneOf(hiveFormWords.ruleIFollow(), DEFAULT_SCHOOL_ID),
  timing: oneOf<HarvestContent['timing']>(hiveFormWords.timing(), timing),
  stays: oneOf<HarvestContent['stays']>(hiveFormWords.whatStays(), stays, { as: 'choice' }),
  flowId: optional(oneOf(hiveFormWords.flow(), '', { hint: hiveFormWords.tellsHowLongBeesCan() })),
  clearing: group({
    method: choice(hiveFormWords.howBeesAreCleared(), CLEARING_NAMES, { as: 'select' }),
    agent: words(hiveFormWords.agentAsOnItsLabel()),
    contactHours: optional(contactMinutes),
    leadDays: optional(
      number(hiveFormWords.daysAhead(), {
        digits: 0,
        hint: hiveFormWords.todayRemindsYouWhenTo(),
      }),
    ),
  }),
  outdoorTemperatureC: optional(quantity('temperature', hiveFormWords.warmthOfTheComingDays())),
  relativeHumidity: optional(percent(hiveFormWords.humidityOfTheAir())),
  honeyKind: choice(hiveFormWords.kindOfHoney(), KIND_NAMES),
  ruleSetId: oneOf(hiveFormWords.ruleSet(), ''),
  targetPercent: number(hiveFormWords.yourTarget(), { unit: '%' }),
  bucketKg: quantity('mass', hiveFormWords.aBucketHolds(), { digits: 1 }),
  remark: words(commonWords.remark()),
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
