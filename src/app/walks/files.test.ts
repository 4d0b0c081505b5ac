import { mark, nextFrame, openBox, startOwnLot, tenths } from '../test/houses';
import { exportAll, jsonFile, recordsIn } from '../test/recordFiles';
import { expect, testWithWorkers as test } from '../test/walk';

const sorted = (text: string): unknown =>
  recordsIn(text).sort((a, b) => String(a['id']).localeCompare(String(b['id'])));

test('Today says what is in no copy, and one press saves it', async ({ page }) => {
  await startOwnLot(page);
  await page.goto('/mine/today');
  await expect(page.getByText(/on this device only\. Lose it, and they are gone/)).toBeVisible();
  const { text } = await page.savedBy(() =>
    page.getByRole('button', { name: 'Save a copy of everything' }).click(),
  );
  const { records, seal } = JSON.parse(text) as {
    records: unknown[];
    seal: { records: number };
  };
  expect(seal.records).toBe(records.length);
  await expect(page.getByText(/Last copy .*: everything is in it/)).toBeVisible();
});

test('what was judged goes out as a file and comes back in elsewhere', async ({ page }) => {
  await openBox(page, 'Hive 4');
  await tenths(page, 'A', 9).click();
  await tenths(page, 'B', 9).click();
  await nextFrame(page).click();
  await expect(mark(page, 1)).toHaveAccessibleName('Frame 1, Take');
  const text = await exportAll(page);
  const kinds = new Set(recordsIn(text).map((record) => record['kind']));
  for (const kind of [
    'yard',
    'colony',
    'box',
    'frame',
    'frame-check',
    'harvest',
    'given',
    'lot-frames',
  ]) {
    expect(kinds).toContain(kind);
  }
  await page.goto('/mine/kit');
  await page.getByLabel('File to bring in').setInputFiles(jsonFile(text));
  await expect(page.getByText(/Brought in \d+ records/)).toBeVisible();
  await page.goto('/mine/comb');
  await page.getByRole('link', { name: /Marsh, second visit/ }).click();
  await expect(page.getByText('frames taken, of 31 judged')).toBeVisible();
});

test('what is exported is imported elsewhere, once', async ({ page }) => {
  const text = await exportAll(page);
  await page.goto('/mine/today');
  await page.getByRole('link', { name: 'Bring in a copy' }).click();
  await page.getByLabel('File to bring in').setInputFiles(jsonFile(text));
  await expect(
    page.getByText(/Brought in \d+ records from season.json; 0 were here already/),
  ).toBeVisible();
  await page.getByLabel('File to bring in').setInputFiles(jsonFile(text));
  await expect(page.getByText(/Brought in 0 records/)).toBeVisible();
  await page.getByRole('link', { name: 'Today' }).click();
  await expect(page.getByRole('link', { name: /^Borage, east field/ })).toBeVisible();
  expect(sorted(await exportAll(page, 'mine'))).toEqual(sorted(text));
  const zip = await page.savedBy(() =>
    page.getByRole('button', { name: 'Save a zip with photographs as files' }).click(),
  );
  await page
    .getByLabel('File to bring in')
    .setInputFiles({ name: zip.name, mimeType: 'application/zip', buffer: zip.bytes });
  await expect(
    page.getByText(/Brought in 0 records from .+; [\d,]+ were here already/),
  ).toBeVisible();
});

test('a damaged or foreign file says what is wrong and where, and nothing of it is imported', async ({
  page,
}) => {
  const text = await exportAll(page);
  await page.goto('/mine/kit');
  const choose = (content: string) =>
    page.getByLabel('File to bring in').setInputFiles(jsonFile(content));
  await choose(text.slice(0, 4000));
  await expect(page.getByRole('alert')).toContainText('not a JSON file, or it was cut off');
  await choose('{"hives": 4}');
  await expect(page.getByRole('alert')).toContainText('not written by Ripenum');
  const touched = text.replace(/"dialValue": [\d.]+/, '"dialValue": "eighteen"');
  await choose(touched);
  await expect(page.getByRole('alert')).toContainText('does not match its own seal');
  const bare = JSON.parse(touched) as { seal?: object };
  delete bare.seal;
  await choose(JSON.stringify(bare));
  await expect(page.getByRole('heading', { name: /season.json adds \d+/ })).toBeVisible();
  await expect(page.getByText(/Sets aside 1 record to correct/)).toBeVisible();
  await page.getByRole('button', { name: 'Bring in nothing' }).click();
  await page.getByRole('link', { name: 'Today' }).click();
  await expect(page.getByText('No honey here yet')).toBeVisible();
});

test('a day, its ticks and its tank go out as a file and come back in elsewhere', async ({
  page,
}) => {
  const text = await exportAll(page);
  await page.goto('/mine/kit');
  await page.getByLabel('File to bring in').setInputFiles(jsonFile(text));
  await expect(page.getByText(/Brought in \d+ records from season.json/)).toBeVisible();
  await page.keyboard.press('p');
  await page.getByRole('link', { name: /Field yard, late boxes/ }).click();
  await expect(page.getByRole('button', { name: /Load spun ?4 of 7/ })).toBeVisible();
  await page.keyboard.press('p');
  await page.getByRole('link', { name: /Tank of the boathouse/ }).click();
  await expect(page.getByRole('row', { name: /^Overnight/ })).toBeVisible();
});

test('any table leaves as CSV', async ({ page }) => {
  await page.goto('/demo/kit');
  await page.getByLabel('One table, for a spreadsheet').selectOption('packing');
  const button = page.getByRole('button', { name: 'Save as CSV' });
  const { text } = await page.savedBy(() => button.click());
  const [head, ...rows] = text.trim().split('\r\n');
  for (const column of ['id', 'recordedAt', 'code', 'jarG', 'bestBefore'])
    expect(head?.split(',')).toContain(column);
  expect(rows).toHaveLength(3);
});
