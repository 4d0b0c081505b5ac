import { describe, expect, test } from '@jest/globals';
import { SCHOOLS, broodRoom, compareSchools, priorExpectation } from '../src/core';
import {
  bookOf,
  decideContext,
  harvestFileOf,
  judgeFrames,
  judgingOf,
  lastLooks,
  looksAgainDue,
  lotFilesOf,
  compositionCount,
} from '../src/model';
import { demoSeason } from './season';
import { inEnglish } from '../src/core/test/inEnglish';

const TODAY = '2026-11-24';
const season = demoSeason(TODAY);
const book = bookOf(season);
const harvest = book.harvests.find((item) => item.content.name === 'Marsh, second visit')!;
const judging = judgingOf(book, harvest);
const judged = judgeFrames(harvestFileOf(season, harvest.entityId).stories, judging);

function inBox(hive: string, label: string) {
  const colony = book.colonies.find((item) => item.content.name === hive)!;
  const box = book.boxes.find(
    (item) => item.content.colonyId === colony.entityId && item.content.label === label,
  )!;
  return judged.filter((judgedFrame) => judgedFrame.check.boxId === box.entityId);
}

describe('the demo at the hives', () => {
  test('three yards, totes, flows of two years, and a day that is today', () => {
    expect(book.yards.map((yard) => yard.content.name)).toEqual([
      'Field yard',
      'Marsh yard',
      'Moor yard',
    ]);
    expect(book.boxes.filter((box) => box.content.boxKind === 'tote')).toHaveLength(2);
    const lavender = book.flows.filter((flow) => flow.content.plant === 'sea lavender');
    expect(lavender).toHaveLength(2);
    expect(harvest.content.day).toBe(TODAY);
  });

  test('a treatment and syrup with the boxes on block whole boxes, capped as they are', () => {
    for (const [hive, words] of [
      ['Hive 22', 'thymol strips'],
      ['Hive 24', 'may contain syrup'],
    ] as const) {
      const frames = inBox(hive, 'Box 1');
      expect(frames.length).toBeGreaterThan(2);
      for (const frame of frames) {
        expect(frame.act).toBe('leave');
        expect(inEnglish(frame.decision.sentence)).toContain(words);
      }
    }
  });

  test('the schools disagree on the very same frames', () => {
    const finishings = new Map(
      judged.map((judgedFrame) => [judgedFrame.frameId, judgedFrame.finishing]),
    );
    const outcomes = compareSchools(
      judged.map((judgedFrame) => judgedFrame.evidence),
      SCHOOLS,
      {
        ...decideContext(judging, finishings),
        expectation: priorExpectation('damp'),
        targetPercent: 18,
      },
    );
    const taken = outcomes.map((outcome) => outcome.takenFrames);
    expect(new Set(taken).size).toBeGreaterThanOrEqual(3);
    expect(Math.min(...taken)).toBe(outcomes[0]?.takenFrames);
    expect(
      outcomes.find((outcome) => outcome.school.id === 'early-and-dry')?.toDryFrames,
    ).toBeGreaterThan(0);
  });

  test('the brood box is hemmed in and the queen is on a frame', () => {
    const frames = inBox('Hive 23', 'Brood box');
    const room = broodRoom(
      frames.map(({ evidence }) => ({ sides: evidence.sides.map((side) => side.shares) })),
    );
    expect(room).toMatchObject({ hemmed: true, framesToGive: 2 });
    expect(frames.filter((frame) => frame.check.queenSeen)).toHaveLength(1);
    expect(frames.find((frame) => frame.check.queenSeen)?.act).toBe('put-back');
  });

  test('sections are judged by their pieces', () => {
    const [first] = inBox('Hive 1', 'Sections');
    expect(first?.evidence.sections).toEqual({ ripe: 6, all: 8 });
    expect(first?.act).toBe('comb-honey');
  });

  test('a frame seen nine days ago tells its own rate; others wait to be looked at again', () => {
    const again = inBox('Hive 21', 'Box 2');
    expect(again.every((judgedFrame) => judgedFrame.earlier.length === 1)).toBe(true);
    const due = looksAgainDue(lastLooks(season));
    expect(due.length).toBeGreaterThan(1);
    expect(due.every((keptStory) => keptStory.check.decision.act === 'put-back')).toBe(true);
  });

  test('the bean lot was made of frames, and knows them', () => {
    const beans = lotFilesOf(season).find(
      (lotFile) => lotFile.lot.content.name === 'Bean field, second day',
    )!;
    expect(beans.comb).toBeNull();
    expect(compositionCount(beans.frames!.content)).toBe(8);
    expect(beans.frames!.content.frames.every((frame) => frame.hive === 'Hive 7')).toBe(true);
    expect(beans.frames!.content.frames[0]?.flows).toEqual(['Bean field']);
  });

  test('guesses were made before the weigh-in, by roles and not by persons', () => {
    const { guesses } = harvestFileOf(season, harvest.entityId);
    expect(guesses.map((guess) => guess.content.who)).toEqual([
      'honey house',
      'youngest helper',
      'yard hand',
    ]);
  });
});
