import { afterAll } from '@jest/globals';
import { Hand } from '../test/hand';
import { nextFrame, startOwnLot, tenths, verdict, withoutAtc } from '../test/houses';
import { expect, test, testWithWorkers, type Page } from '../test/walk';

interface Act {
  readonly name: string;
  readonly most: readonly [taps: number, typed: number];
  /** what is waited for is computed or written in a worker */
  readonly workers?: true;
  readonly before?: (page: Page) => Promise<void>;
  readonly walk: (hand: Hand, page: Page) => Promise<void>;
}

async function judge(hand: Hand, page: Page, count: number): Promise<void> {
  await hand.tap(tenths(page, 'A', count));
  await hand.tap(tenths(page, 'B', count));
  await expect(verdict(page)).not.toContainText('not judged');
  await hand.tap(nextFrame(page));
  // the eye waits for the next frame before the thumb goes on
  const ticked = page.getByRole('region', { name: 'Side A' }).getByRole('radio', { checked: true });
  await expect(ticked).toHaveCount(0);
}

const begin = async (hand: Hand, page: Page, act: string): Promise<void> => {
  await page.goto('/mine/today');
  await hand.tap(page.getByText(act, { exact: true }));
};

const ACTS: readonly Act[] = [
  {
    name: 'one frame judged, from Today',
    most: [4, 0],
    walk: async (hand, page) => {
      await begin(hand, page, 'Judge a frame');
      await hand.tap(tenths(page, 'A', 9));
      await hand.tap(tenths(page, 'B', 9));
      await expect(verdict(page)).toContainText('Take');
    },
  },
  {
    name: 'six frames, with their sum',
    most: [20, 0],
    walk: async (hand, page) => {
      await begin(hand, page, 'Judge a frame');
      for (const count of [10, 9, 10, 3, 9, 2]) await judge(hand, page, count);
      await expect(page.getByText('take 4 (1, 2, 3, 5), put back 2 (4, 6)')).toBeVisible();
    },
  },
  {
    name: 'put back, and looked at again from Today',
    most: [5, 0],
    walk: async (hand, page) => {
      await begin(hand, page, 'Judge a frame');
      await judge(hand, page, 6);
      await expect(page.getByText(/^Frame 2 of/)).toBeVisible();
      // days later
      await page.goto('/mine/today');
      await hand.tap(page.getByRole('button', { name: /Look again at 1 frame/ }));
      await expect(page.getByText(/^Frame 1 of/)).toBeVisible();
    },
  },
  {
    name: 'a dial and a temperature, no lot',
    most: [2, 6],
    walk: async (hand, page) => {
      await begin(hand, page, 'Read a meter');
      await hand.type(page.getByLabel('The dial shows'), '17.2');
      await hand.type(page.getByLabel('Temperature of meter and honey'), '22');
      hand.taps += 1; // ATC
      await withoutAtc(page);
      await expect(page.getByTestId('outcome')).toBeVisible();
    },
  },
  {
    name: '“it foams” to what to do',
    most: [3, 0],
    before: startOwnLot,
    walk: async (hand, page) => {
      await begin(hand, page, 'It foams');
      await expect(page.getByText(/loosen the lid/)).toBeVisible();
      await hand.tap(page.getByRole('main').getByRole('listitem').getByRole('button').first());
      await expect(page.getByTestId('outcome')).toContainText('Do not jar or sell');
    },
  },
  {
    name: 'a plan for 12 frames, by hand, tonight',
    workers: true,
    most: [5, 6],
    walk: async (hand, page) => {
      const sheet = page.getByRole('dialog');
      await page.goto('/mine/strain');
      hand.taps += 2; // More, Strain
      await hand.tap(page.getByRole('button', { name: 'Plan a day' }));
      await hand.type(sheet.getByLabel('Frames', { exact: true }), '12');
      await hand.type(sheet.getByLabel('Starts at'), '1930');
      await hand.tap(sheet.getByRole('radio', { name: 'By hand' }));
      await hand.tap(sheet.getByRole('button', { name: 'Add', exact: true }));
      await expect(page.getByRole('heading', { name: 'Extraction 1', level: 1 })).toBeVisible();
      await expect(page.getByText(/^between 20:\d\d and 2\d:\d\d/)).toBeVisible();
    },
  },
  {
    name: 'boxes of a lot into the room, first room too',
    most: [4, 0],
    before: startOwnLot,
    walk: async (hand, page) => {
      await hand.tap(page.getByRole('link', { name: 'Into the warm room' }));
      const sheet = page.getByRole('dialog');
      await hand.tap(sheet.getByRole('button', { name: 'Add', exact: true }));
      await expect(sheet.getByLabel('Honey of the lot')).not.toHaveValue('');
      await hand.tap(sheet.getByRole('button', { name: 'Add', exact: true }));
      await expect(sheet).toHaveCount(0);
      await expect(page.getByText('10 of 60 boxes in it')).toBeVisible();
    },
  },
  {
    name: 'a copy of everything, from Today',
    workers: true,
    most: [2, 0],
    before: startOwnLot,
    walk: async (hand, page) => {
      await page.goto('/mine/today');
      const { name } = await page.savedBy(() =>
        hand.tap(page.getByRole('button', { name: 'Save a copy of everything' })),
      );
      expect(name).toMatch(/^ripenum-mine-.*\.json$/);
      await expect(page.getByText(/^Last copy .* everything is in it/)).toBeVisible();
    },
  },
  {
    name: 'every table for a spreadsheet',
    workers: true,
    most: [3, 0],
    before: startOwnLot,
    walk: async (hand, page) => {
      await page.goto('/mine/kit');
      hand.taps += 1; // Kit
      const { name } = await page.savedBy(() =>
        hand.tap(page.getByRole('button', { name: 'All tables' })),
      );
      expect(name).toMatch(/tables.*\.zip$/);
    },
  },
  {
    name: 'crop, loads, jars from box weights',
    most: [3, 40],
    walk: async (hand, page) => {
      await page.goto('/mine/today');
      await hand.tap(page.getByRole('link', { name: 'Honey house' }));
      const house = page.getByRole('navigation', { name: 'Honey house' });
      await hand.tap(house.getByRole('link', { name: 'Extraction' }));
      await hand.tap(page.getByRole('link', { name: 'Weigh the boxes' }));
      await hand.type(page.getByLabel('Full boxes'), '24.2 25.1 22.9 26');
      await hand.type(page.getByLabel('Empty boxes'), '9.1 9.4 9.2 9');
      const crop = page.getByRole('status').filter({ hasText: 'Honey out of the combs' });
      await expect(crop).toContainText('61.5 ± 0.6 kg');
      await expect(crop).toContainText('40 frames: 4 loads');
      await expect(crop).toContainText(/\d+ to \d+ jars of 500 g/);
    },
  },
  {
    name: '3 yards, 40 hives of 2 boxes, since when',
    most: [30, 250],
    walk: async (hand, page) => {
      await page.goto('/mine/season');
      hand.taps += 2; // Hives, Season
      for (const [yard, last] of [
        ['Marsh', '14'],
        ['Moor', '14'],
        ['Field', '12'],
      ] as const) {
        await hand.tap(page.getByRole('button', { name: 'A yard with its hives' }));
        const sheet = page.getByRole('dialog');
        await hand.type(sheet.getByLabel('Yard', { exact: true }), yard);
        await hand.type(sheet.getByLabel('To number'), last);
        await hand.type(sheet.getByLabel('On the hive since'), '2026-06-01');
        await hand.tap(sheet.getByRole('radio', { name: 'Sound' }));
        await hand.tap(sheet.getByRole('button', { name: 'Add', exact: true }));
        await expect(sheet).toHaveCount(0);
      }
      for (const yard of ['Marsh (14 hives)', 'Moor (14 hives)', 'Field (12 hives)'])
        await expect(page.getByText(yard)).toBeVisible();
    },
  },
];

const SIZES = ['phone', 'desk'] as const;

const counted: string[] = [];

for (const size of SIZES) {
  for (const act of ACTS) {
    const walk = act.workers ? testWithWorkers : test;
    walk(`${act.name}, on a ${size}`, async ({ page }) => {
      page.seenOn(size);
      await act.before?.(page);
      const hand = new Hand();
      await act.walk(hand, page);
      const [taps, typed] = act.most;
      counted.push(
        `${size.padEnd(6)} ${act.name.padEnd(42)} ${hand.taps} / ${hand.typed}  (at most ${taps} / ${typed})`,
      );
      expect(hand.taps).toBeLessThanOrEqual(taps);
      expect(hand.typed).toBeLessThanOrEqual(typed);
    });
  }
}

afterAll(() => console.log(counted.join('\n')));
