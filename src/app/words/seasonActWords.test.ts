import { describe, expect, test } from '@jest/globals';
import { demoSeason } from '../../../demo/season';
import { bookOf, dayNumber, lastLooks, seasonBoard } from '../../model';
import { current, type RecordKind, type RecordOf } from '../../records';
import { formatDay } from '../format/dates';
import { isoDayOf } from '../../model';
import { seasonActId, seasonActWords } from './seasonActWords';

const TODAY = '2026-08-21';
const records = demoSeason(TODAY, new Date(`${TODAY}T12:00`).getTime());
const now = current(records);
const of = <K extends RecordKind>(kind: K) =>
  now.filter((record): record is RecordOf<K> => record.kind === kind);
const book = bookOf(records);
const boardOn = (today: string) =>
  seasonBoard({
    book,
    plans: of('season-plan'),
    weathers: of('weather'),
    looks: lastLooks(records),
    today: dayNumber(today),
  });

describe('the season of the demo, in words', () => {
  test('what is to be done on 21 August', () => {
    const { acts } = boardOn(TODAY);
    const said = acts.map((act) => {
      const { title, why } = seasonActWords(act, book);
      return `${formatDay(isoDayOf(act.day))}: ${title}. ${why}`;
    });
    expect(said).toMatchInlineSnapshot(`
      [
        "21 Aug 2026: Add a box at Marsh yard: Hive 22, Hive 24. Full by your looks, and nectar comes until about 27 Aug.",
        "21 Aug 2026: Honey boxes off before formic pads: Hive 6. Honey taken off before it goes in, even that day, is free.",
        "21 Aug 2026: Put in formic pads: Hive 6. The forecast keeps within its label.",
        "22 Aug 2026: Set escape boards at Field yard. They need 4 days; the boxes come off on Wed 26 Aug.",
        "24 Aug 2026: Put boxes on for Ling at Moor yard. Expected from 27 Aug. Much sooner, an empty box only keeps the bees cold.",
        "26 Aug 2026: Take the Dyke flow honey off at Field yard. Dyke flow ended about 17 Aug, and the bees need some days to cap what they have: ripe from about 24 Aug. It tastes poor: take it before better nectar comes in, and keep it apart. Dry and warm by the forecast.",
        "28 Aug 2026: Take formic pads out: Hive 6. By its label it stays in for 7 days. Write down the day it comes out.",
        "1 Sep 2026: Set escape boards at Marsh yard. They need 4 days; the boxes come off on Sat 5 Sep.",
        "5 Sep 2026: Take the Sea lavender honey off at Marsh yard. Sea lavender ends about 27 Aug, and the bees need some days to cap what they have: ripe from about 3 Sep. Of 4 frames put back, about 3 should be finished by then. No forecast for that day yet.",
        "12 Sep 2026: Honey boxes may go back on: Hive 6. The waiting time on the label is over. Read the label once more.",
      ]
    `);
  });

  test('while a treatment is in, the days to come that its label rules out are named, those past are not', () => {
    const weather = of('weather').map((record) => ({
      ...record,
      content: {
        ...record.content,
        days: record.content.days.map((day, at) => ({
          ...day,
          highestC: at === 4 || at === 0 ? 33 : 20,
        })),
      },
    }));
    const board = seasonBoard({
      book,
      plans: of('season-plan'),
      weathers: weather,
      looks: [],
      today: dayNumber('2026-08-23'),
    });
    const out = board.acts.find((act) => act.kind === 'treatment' && act.step === 'take-out')!;
    expect(seasonActWords(out, book).why).toMatch(
      /^Outside its label: 25 Aug up to 33\.0 °C\. By its label/,
    );
  });

  test('each act has an identity of its own and a reason, whatever the day', () => {
    for (let day = 0; day < 120; day += 3) {
      const { acts } = boardOn(isoDayOf(dayNumber('2026-07-01') + day));
      expect(new Set(acts.map(seasonActId)).size).toBe(acts.length);
      for (const act of acts) {
        const { title, why } = seasonActWords(act, book);
        expect(title).not.toMatch(/undefined|NaN|Invalid|^$/);
        expect(why).toMatch(/^[A-Z].*\.$/);
      }
    }
  });
});
