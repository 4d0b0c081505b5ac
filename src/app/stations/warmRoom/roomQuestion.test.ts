import { describe, expect, test } from '@jest/globals';
import { demoLedger } from '../../../../demo/demoLedger';
import { demoSeason } from '../../../../demo/season';
import { learnRoom, loadCourse, roomOutlook } from '../../../core';
import { roomFilesOf, roomTasks } from '../../../model';
import { firstWhatIf, loadQuestion } from './loadQuestion';
import { gapWords, spikeWords } from './logWords';
import { DAYS_AHEAD, askedRoom } from './roomQuestion';
import { startOfLot } from './startOfLot';
import { taskWords } from './taskWords';

const NOW = Date.parse('2026-11-25T12:00:00.000Z');
const season = demoSeason('2026-11-25', NOW);
const [file] = roomFilesOf(season);
const asked = askedRoom(file!, NOW);
const learned = learnRoom(asked.question.past, asked.question.present);

describe('the room of the demo', () => {
  test('is asked of with what is in it, and what earlier batches taught', () => {
    expect(asked.batches.map((batch) => batch.batch.content.name)).toEqual([
      'Outer marsh, pulled early',
      'Marsh, second visit',
    ]);
    expect(asked.question.past).toHaveLength(1);
    expect(learned).toMatchObject({ measurements: 5, earlier: 4, status: 'converged' });
    expect(asked.present.run.reportDays.at(-1)).toBeCloseTo(asked.present.nowDay + DAYS_AHEAD, 9);
  });

  test('tells a coherent story: both batches dry over the days to come, and little is amiss', () => {
    const outlook = roomOutlook(asked.present.run, learned.belief, asked.present.nowDay);
    for (const [at, target] of asked.present.targets.entries()) {
      const means = outlook.batches[at]!.meanPercent.filter((value) => Number.isFinite(value));
      expect(means[0]).toBeGreaterThan(target);
      expect(means.at(-1)).toBeLessThan(target);
    }
    expect(outlook.advice.map((roomAdvice) => roomAdvice.kind)).not.toContain('comb-softens');
    expect(Math.max(...outlook.temperatureC)).toBeLessThan(35);
  });

  test('long after, it is empty, and still knows what it learned', () => {
    const gone = file!.batches.map(({ batch, checks }) => ({
      checks,
      batch: {
        ...batch,
        content: { ...batch.content, outAt: batch.content.outAt ?? '2026-11-30T12:00:00.000Z' },
      },
    }));
    const later = askedRoom({ ...file!, batches: gone }, Date.parse('2027-06-01T00:00:00.000Z'));
    expect(later.batches).toEqual([]);
    expect(learnRoom(later.question.past, later.question.present).earlier).toBe(5);
  });
});

describe('what if', () => {
  const context = { file: file!, asked, belief: learned.belief };
  const usual = firstWhatIf(file!);

  test('starts from the room and the last load', () => {
    expect(usual).toMatchObject({ boxes: 30, setPointC: 31, litres: 20, days: 4 });
  });

  test('warmer, a larger machine and drier weather dry no slower; cold without a machine far slower', () => {
    const end = (change: object): number =>
      loadCourse(loadQuestion(context, { ...usual, ...change }), 30).endPercent;
    const now = end({});
    expect(end({ setPointC: 36 })).toBeLessThan(now);
    expect(end({ litres: 60 })).toBeLessThanOrEqual(now + 0.01);
    expect(end({ outsidePercent: 40 })).toBeLessThanOrEqual(now + 0.01);
    expect(end({ litres: 0, setPointC: 20 })).toBeGreaterThan(now + 0.3);
  });

  test('the deadline is so many days from now, and power is reported', () => {
    const question = loadQuestion(context, { ...usual, days: 2.5 });
    expect(question.task.run.reportDays.at(-1)).toBeCloseTo(asked.present.nowDay + 2.5, 9);
    expect(loadCourse(question, 10).kWhPerDay).toBeGreaterThan(2);
  });
});

describe('a batch made of a lot', () => {
  const ledger = demoLedger(season, NOW);

  test('starts from what comb and readings say, open cells wetter', () => {
    const { lot } = ledger.files[0]!;
    const start = startOfLot(ledger, lot.entityId)!;
    expect(start.openPercent - start.cappedPercent).toBeCloseTo(2, 9);
    expect(start.openShare).toBeGreaterThanOrEqual(0);
    expect(start.openShare).toBeLessThanOrEqual(1);
    expect(start.plusMinusPercent).toBeGreaterThan(0.1);
    expect(startOfLot(ledger, 'gone')).toBeNull();
  });

  test('brings the boxes of its frames with all their honey; no frames, no boxes', () => {
    const known = ledger.files.filter(({ frames }) => frames !== null);
    expect(known.length).toBeGreaterThan(0);
    for (const { lot, frames } of known) {
      const { boxes = 0, honeyKgPerBox = 0 } = startOfLot(ledger, lot.entityId)!;
      const { frames: taken } = frames!.content;
      const honeyKg = taken.reduce((sum, frame) => sum + frame.honeyKg, 0);
      expect(boxes * honeyKgPerBox).toBeCloseTo(honeyKg, 6);
      const hives = new Set(taken.map(({ yard, hive, box }) => `${yard} ${hive} ${box}`));
      expect(boxes).toBeLessThanOrEqual(hives.size + Math.ceil(taken.length / 10));
    }
    const without = ledger.files.find(({ frames }) => frames === null)!;
    expect(startOfLot(ledger, without.lot.entityId)).not.toHaveProperty('boxes');
  });
});

describe('words', () => {
  test('every task has a title and says why', () => {
    const ready = new Map(asked.batches.map(({ batch }) => [batch.entityId, NOW + 3.6e7]));
    const tasks = roomTasks(file!, NOW, ready);
    const words = tasks.map((task) => taskWords(task, file!));
    expect(new Set(tasks.map((task) => task.kind))).toEqual(
      new Set(['read', 'take-out', 'cool', 'drain']),
    );
    for (const { title, about } of words) {
      expect(title).toMatch(/^[A-Z]/);
      expect(about).toMatch(/\.$/);
    }
  });

  test('gaps and spikes of a log', () => {
    const zero = new Date(2026, 10, 24).getTime();
    expect(gapWords({ fromDay: 0.5, toDay: 0.5 + 135 / 1440 }, zero)).toBe(
      'No entries for 2 hours 15 minutes from 24 Nov, 12:00; drawn straight across.',
    );
    const spike = { temperatureC: 28, relativeHumidity: 0.5 };
    expect(
      spikeWords(
        [
          { ...spike, day: 0.25, like: 'door' },
          { ...spike, day: 0.75, like: 'slip' },
        ],
        zero,
      ),
    ).toBe(
      'Looks like an open door: 24 Nov, 06:00. Looks like a logger fault, left out of the forecast: 24 Nov, 18:00.',
    );
  });
});
