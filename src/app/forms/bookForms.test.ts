import { describe, expect, test } from '@jest/globals';
import { schoolOf } from '../../core';
import { DEFAULT_PREFERENCES, bookOf } from '../../records';
import { sampleGiven, sampleYard } from '../../records/test/sampleYard';
import { boxFormOf, freshBox, readBoxForm } from './boxForm';
import { colonyFormOf, freshColony, readColonyForm } from './colonyForm';
import { flowFormOf, freshFlow, readFlowForm } from './flowForm';
import { FRESH_FORMAT, formatFormOf, readFormatForm } from './formatForm';
import { givenFormOf, freshGiven, readGivenForm } from './givenForm';
import { FRESH_GUESS, readGuessForm } from './guessForm';
import { freshHarvest, harvestFormOf, readHarvestForm } from './harvestForm';
import type { Parsed } from './parsed';
import { readSchoolForm, schoolFormOf } from './schoolForm';
import { freshStroke, readStrokeForm, strokeSize } from './strokeForm';
import { FRESH_YARD, readYardForm } from './yardForm';

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
    const day = readHarvestForm(harvestFormOf(harvest, preferences), preferences);
    expect(day.ok && day.content.bucketKg).toBeCloseTo(14, 0);
    expect(day.ok && { ...day.content, bucketKg: 14, outdoorTemperatureC: 24 }).toEqual(harvest);
    const [hive] = yard.hives;
    const keep = { by: 'mass', kg: 9 } as const;
    const colony = readColonyForm(
      colonyFormOf({ ...hive.content, keep }, preferences),
      preferences,
    );
    expect(colony.ok && colony.content.keep?.by === 'mass' && colony.content.keep.kg).toBeCloseTo(
      9,
      1,
    );
    const given = sampleGiven(yard, { fromTemperatureC: 15 });
    if (given.kind !== 'given') throw new Error('not given');
    const back = readGivenForm(givenFormOf(given.content, preferences), preferences);
    expect(back).toEqual({ ok: true, content: given.content });
    const format = { name: 'Own', areaDm2: 6.2, frameTareKg: 0.35, boxTareKg: 3.1 };
    const read = readFormatForm(formatFormOf(format, preferences), preferences);
    expect(read.ok && read.content.frameTareKg).toBeCloseTo(0.35, 2);
  });

  test('a school begun from a shipped one', () => {
    const { id, ...content } = schoolOf('four-fifths');
    expect(id).toBe('four-fifths');
    expect(readSchoolForm(schoolFormOf(schoolOf('four-fifths')), metric)).toEqual({
      ok: true,
      content,
    });
  });

  test('a flow that is still on', () => {
    const flow = yard.records.find((one) => one.kind === 'flow')!;
    expect(readFlowForm(flowFormOf(flow.content), metric)).toEqual({
      ok: true,
      content: flow.content,
    });
  });
});

describe('a box that is moved keeps where it stood', () => {
  const before = yard.box.content;
  const [first, second] = yard.hives;
  const read = (change: Partial<ReturnType<typeof boxFormOf>>) => {
    const parsed = readBoxForm({ ...boxFormOf(before), ...change }, metric, {
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
    const tote = readBoxForm({ ...freshBox('', '2026-07-01'), label: 'T' }, metric, {
      before: null,
      yardId: null,
    });
    expect(tote.ok && tote.content).toMatchObject({ boxKind: 'tote', colonyId: null, onDay: null });
  });
});

describe('wrong input gets one sentence beside its field', () => {
  test('each form', () => {
    const day = freshHarvest('2026-08-10', metric);
    const found = {
      yard: wrong(readYardForm(FRESH_YARD, metric)),
      colony: wrong(
        readColonyForm({ ...freshColony('y'), name: 'H', keepBy: 'mass', keep: 'much' }, metric),
      ),
      box: wrong(
        readBoxForm(
          { ...freshBox('h', '2026-08-10'), label: 'B', slots: '0', offDay: '2026-08-01' },
          metric,
          { before: null, yardId: null },
        ),
      ),
      flow: wrong(
        readFlowForm(
          { ...freshFlow('2026-08-10'), name: 'F', plant: 'p', expectedEnd: '2026-08-01' },
          metric,
        ),
      ),
      given: wrong(readGivenForm({ ...freshGiven('2026-08-10'), name: 'G', wait: '-3' }, metric)),
      harvest: wrong(readHarvestForm({ ...day, name: 'D', humidity: '140', bucket: '0' }, metric)),
      school: wrong(
        readSchoolForm(
          { ...schoolFormOf(schoolOf('four-fifths')), ripe: '80', excused: '90' },
          metric,
        ),
      ),
      format: wrong(
        readFormatForm(
          { ...FRESH_FORMAT, name: 'F', area: '90', frameTare: '0.3', boxTare: '3' },
          metric,
        ),
      ),
      guess: wrong(readGuessForm({ ...FRESH_GUESS, mass: 'lots' }, metric)),
      stroke: wrong(
        readStrokeForm({ ...freshStroke(0.5), label: 'S', others: '3000' }, metric, bookOf([])),
      ),
    };
    expect(found).toMatchInlineSnapshot(`
      {
        "box": {
          "offDay": "It comes off on or after the day it went on.",
          "slots": "A box has at least one place.",
        },
        "colony": {
          "keep": "Type digits only, such as 17.4; “much” is not a number.",
        },
        "flow": {
          "expectedEnd": "A flow ends on or after the day it starts.",
        },
        "format": {
          "area": "The comb of one side measures between 0.5 and 30 dm².",
        },
        "given": {
          "boxesOn": "Say whether honey boxes were on the hive meanwhile.",
          "colonyIds": "Choose the hives it was given to.",
          "wait": "A waiting time is 0 to 400 days.",
        },
        "guess": {
          "mass": "Type digits only, such as 17.4; “lots” is not a number.",
          "who": "Say who guesses.",
        },
        "harvest": {
          "bucket": "A bucket holds between 1 and 400 kg.",
          "humidity": "Humidity is between 0 and 100 %.",
        },
        "school": {
          "excused": "What a clean shake excuses lies at or under the share asked for.",
        },
        "stroke": {
          "cappedTenths": "Say how many tenths are capped by the look of the whole.",
          "others": "Judge between 1 and 2000 boxes in one go.",
        },
        "yard": {
          "name": "Give the yard a name that you find again.",
        },
      }
    `);
  });
});

describe('a whole yard or stack', () => {
  test('the sample is proposed from the number of frames, or as many as wanted', () => {
    const form = { ...freshStroke(0.5), others: '20' };
    expect(strokeSize(form, metric)).toEqual({ frames: 200, sampleSize: 22 });
    expect(strokeSize({ ...form, sample: '30' }, metric)).toEqual({ frames: 200, sampleSize: 30 });
    expect(strokeSize({ ...form, sample: '999' }, metric)?.sampleSize).toBe(200);
    expect(strokeSize({ ...form, others: '' }, metric)).toBeNull();
  });

  test('looks are kept with their places', () => {
    const form = {
      ...freshStroke(0.5),
      label: 'S',
      others: '2',
      cappedTenths: '8',
      sample: '4',
      looks: ['9', '', '5'],
    };
    const read = readStrokeForm(form, metric, bookOf([]));
    expect(read.ok && read.content.looks).toEqual([
      { position: 2, cappedTenths: 9 },
      { position: 12, cappedTenths: 5 },
    ]);
  });
});
