import { describe, expect, test } from '@jest/globals';
import { schoolOf } from '../../../core';
import { bookOf } from '../../../model';
import { DEFAULT_PREFERENCES, type GivenRecord } from '../../../records';
import { sampleGiven, sampleYard } from '../../../records/test/sampleYard';
import type { Parsed } from '../../entry/reader';
import { typedIn } from '../../test/typedIn';
import { boxEntry, freshBox, readBoxForm, type BoxForm } from './boxForm';
import { colonyEntry } from './colonyForm';
import { flowEntry, freshFlow } from './flowForm';
import { formatEntry } from './formatForm';
import { earlierGivens, givenEntry } from './givenForm';
import { guessEntry } from './guessForm';
import { freshHarvest, harvestEntry } from './harvestForm';
import { schoolEntry } from './schoolForm';
import { freshSurvey, readSurveyForm, surveySize } from './surveyForm';
import { yardEntry } from './yardForm';

const metric = DEFAULT_PREFERENCES;
const american = { ...metric, temperatureUnit: 'F', massUnit: 'lb' } as const;
const yard = sampleYard();

function wrong(parsed: Parsed<unknown>): Record<string, string> {
  if (parsed.ok) return {};
  return Object.fromEntries(
    Object.entries(parsed.errors).map(([field, one]) => [field, one.sentence]),
  );
}

describe('entries of the book come back from their forms as they were', () => {
  test.each([metric, american])('in the units of the keeper: %#', (preferences) => {
    const { content: harvest } = yard.harvest;
    const day = harvestEntry.read(harvestEntry.fill(harvest, preferences), preferences);
    expect(day.ok && day.content.bucketKg).toBeCloseTo(14, 0);
    expect(day.ok && { ...day.content, bucketKg: 14, outdoorTemperatureC: 24 }).toEqual(harvest);
    const [hive] = yard.hives;
    const keep = { by: 'mass', kg: 9 } as const;
    const colony = colonyEntry.read(
      colonyEntry.fill({ ...hive.content, keep }, preferences),
      preferences,
    );
    expect(colony.ok && colony.content.keep?.by === 'mass' && colony.content.keep.kg).toBeCloseTo(
      9,
      1,
    );
    const given = sampleGiven(yard, { fromTemperatureC: 15 });
    if (given.kind !== 'given') throw new Error('not given');
    const back = givenEntry.read(givenEntry.fill(given.content, preferences), preferences);
    expect(back).toEqual({ ok: true, content: given.content });
    const format = { name: 'Own', areaDm2: 6.2, frameTareKg: 0.35, boxTareKg: 3.1 };
    const read = formatEntry.read(formatEntry.fill(format, preferences), preferences);
    expect(read.ok && read.content.frameTareKg).toBeCloseTo(0.35, 2);
  });

  test('a school begun from a shipped one', () => {
    const { id, ...content } = schoolOf('four-fifths');
    expect(id).toBe('four-fifths');
    expect(schoolEntry.read(schoolEntry.fill(schoolOf('four-fifths'), metric), metric)).toEqual({
      ok: true,
      content,
    });
  });

  test('a flow that is still on', () => {
    const flow = yard.records.find((record) => record.kind === 'flow')!;
    expect(flowEntry.read(flowEntry.fill(flow.content, metric), metric)).toEqual({
      ok: true,
      content: { ...flow.content, failed: false, taste: null },
    });
  });
});

describe('a box that is moved keeps where it stood', () => {
  const before = yard.box.content;
  const [first, second] = yard.hives;
  const read = (change: Partial<BoxForm>) => {
    const parsed = readBoxForm({ ...boxEntry.fill(before, metric), ...change }, metric, {
      before,
      yardId: before.yardId,
    });
    if (!parsed.ok) throw new Error(JSON.stringify(parsed.errors));
    return parsed.content;
  };

  test('to another hive', () => {
    expect(read({ colonyId: second.entityId, onDay: '2026-07-01' }).earlier).toEqual([
      { colonyId: first.entityId, role: 'honey', onDay: '2026-06-01', offDay: '2026-07-01' },
    ]);
  });

  test('taken off stays one stay; a corrected label moves nothing', () => {
    expect(read({ offDay: '2026-07-01' })).toMatchObject({ offDay: '2026-07-01', earlier: [] });
    expect(read({ label: 'Upper box' }).earlier).toEqual([]);
  });

  test('a tote stands on no hive', () => {
    const tote = readBoxForm(
      boxEntry.fill({ ...freshBox('', '2026-07-01'), label: 'T' }, metric),
      metric,
      {
        before: null,
        yardId: null,
      },
    );
    expect(tote.ok && tote.content).toMatchObject({ boxKind: 'tote', colonyId: null, onDay: null });
  });
});

describe('wrong input gets one sentence beside its field', () => {
  test('each form', () => {
    const day = freshHarvest('2026-08-10', metric);
    const found = {
      yard: wrong(yardEntry.read(yardEntry.fill({}, metric), metric)),
      colony: wrong(
        colonyEntry.read(
          typedIn(colonyEntry.fill({ yardId: 'y', name: 'H' }, metric), {
            'keep.by': 'mass',
            'keep.kg': 'much',
          }),
          metric,
        ),
      ),
      box: wrong(
        readBoxForm(
          typedIn(boxEntry.fill(freshBox('h', '2026-08-10'), metric), {
            label: 'B',
            slots: '0',
            offDay: '2026-08-01',
          }),
          metric,
          { before: null, yardId: null },
        ),
      ),
      flow: wrong(
        flowEntry.read(
          flowEntry.fill(
            { ...freshFlow('2026-08-10'), name: 'F', plant: 'p', expectedEnd: '2026-08-01' },
            metric,
          ),
          metric,
        ),
      ),
      given: wrong(
        givenEntry.read(
          typedIn(givenEntry.fill({ fromDay: '2026-08-10', name: 'G' }, metric), {
            waitDays: '-3',
          }),
          metric,
        ),
      ),
      harvest: wrong(
        harvestEntry.read(
          typedIn(day, { name: 'D', relativeHumidity: '140', bucketKg: '0' }),
          metric,
        ),
      ),
      school: wrong(
        schoolEntry.read(
          typedIn(schoolEntry.fill(schoolOf('four-fifths'), metric), {
            ripeShare: '80',
            excusedShare: '90',
          }),
          metric,
        ),
      ),
      format: wrong(
        formatEntry.read({ name: 'F', areaDm2: '90', frameTareKg: '0.3', boxTareKg: '3' }, metric),
      ),
      guess: wrong(guessEntry.read({ who: '', kg: 'lots' }, metric)),
      survey: wrong(
        readSurveyForm(
          { ...freshSurvey(0.5, metric), label: 'S', others: '3000' },
          metric,
          bookOf([]),
        ),
      ),
    };
    expect(found).toMatchInlineSnapshot(`
      {
        "box": {
          "offDay": "It comes off on or after the day it went on.",
          "slots": "This must be a whole number between 1 and 40.",
        },
        "colony": {
          "health": "Say how healthy the colony is; “Not known” will do.",
          "keep.kg": "“much” is not a number. Type digits only, such as 17.4.",
        },
        "flow": {
          "expectedEnd": "It cannot end before it starts.",
        },
        "format": {
          "areaDm2": "This must be between 0.5 and 30 dm².",
        },
        "given": {
          "boxesOn": "Choose whether honey boxes were on the hive during it.",
          "colonyIds": "Choose the hives it was given to.",
          "waitDays": "This must be a whole number between 0 and 400 days.",
        },
        "guess": {
          "kg": "“lots” is not a number. Type digits only, such as 17.4.",
          "who": "Whose guess is it?",
        },
        "harvest": {
          "bucketKg": "This must be between 1 and 400 kg.",
          "relativeHumidity": "This must be between 0 and 100 %.",
        },
        "school": {
          "excusedShare": "This cannot be more than the capped share asked for.",
        },
        "survey": {
          "cappedTenths": "Choose how much is capped overall.",
          "others": "This must be a whole number between 1 and 2,000.",
        },
        "yard": {
          "name": "Give it a name.",
        },
      }
    `);
  });
});

describe('a whole yard or stack', () => {
  test('the sample is proposed from the number of frames, or as many as wanted', () => {
    const form = { ...freshSurvey(0.5, metric), others: '20' };
    expect(surveySize(form, metric)).toEqual({ frames: 200, sampleSize: 22 });
    expect(surveySize({ ...form, sample: '30' }, metric)).toEqual({ frames: 200, sampleSize: 30 });
    expect(surveySize({ ...form, sample: '999' }, metric)?.sampleSize).toBe(200);
    expect(surveySize({ ...form, others: '' }, metric)).toBeNull();
  });

  test('looks are kept with their places', () => {
    const form = {
      ...freshSurvey(0.5, metric),
      label: 'S',
      others: '2',
      cappedTenths: '8',
      sample: '4',
      looks: ['9', '', '5'],
    };
    const read = readSurveyForm(form, metric, bookOf([]));
    expect(read.ok && read.content.looks).toEqual([
      { position: 2, cappedTenths: 9 },
      { position: 12, cappedTenths: 5 },
    ]);
  });
});

describe('what was given before, to be given again', () => {
  const given = (change: Partial<GivenRecord['content']>) =>
    sampleGiven(yard, change) as GivenRecord;
  const thymol = given({ name: 'Thymol', waitDays: 8, fromDay: '2026-07-01' });

  test('what the label says stays; hives and days are asked for anew', () => {
    const [one] = earlierGivens([thymol], '2026-08-10', metric);
    expect(one?.name).toBe('Thymol');
    expect(one?.form).toMatchObject({
      waitDays: '8',
      colonyIds: [],
      fromDay: '2026-08-10',
      toDay: '',
    });
    expect(one?.form.boxesOn).toBe(givenEntry.fill(thymol.content, metric).boxesOn);
    expect(Object.keys(wrong(givenEntry.read(one!.form, metric)))).toEqual(['colonyIds']);
  });

  test('each product once as it was last given, the latest three', () => {
    const names = ['Thymol', 'Thymol', 'Syrup', 'Acid', 'Strips'];
    const givens = names.map((name, at) =>
      given({ name, waitDays: at, fromDay: `2026-0${at + 3}-01` }),
    );
    const earlier = earlierGivens(givens, '2026-08-10', metric);
    expect(earlier.map(({ name }) => name)).toEqual(['Strips', 'Acid', 'Syrup']);
    expect(earlierGivens(givens.slice(0, 2), '2026-08-10', metric)[0]?.form.waitDays).toBe('1');
  });
});
