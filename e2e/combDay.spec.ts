import { openBox, openDay } from './combHouse';
import { expect, expectAccessible, outcome, test } from './house';

test('lots from frames: by rule, one frame sent elsewhere by hand, and each ruled on by its frames', async ({
  page,
}) => {
  await openDay(page);
  await page.getByRole('link', { name: 'Make lots' }).click();
  await page.getByRole('button', { name: 'By colour' }).click();
  await expect(page.getByLabel('Name of the lot')).toHaveCount(5);
  await page.getByLabel(/^Lot of Hive 21, Box 1, frame 5$/).selectOption({ label: 'a new lot' });
  await expect(page.getByLabel('Name of the lot')).toHaveCount(5);
  const dragged = page.getByRole('button', { name: 'Drag Hive 21, Box 1, frame 2' });
  await dragged.scrollIntoViewIfNeeded();
  const from = (await dragged.boundingBox())!;
  const target = page
    .getByRole('region')
    .filter({ has: page.getByRole('button', { name: 'Drag Hive 21, Box 2, frame 2' }) });
  const to = (await target.boundingBox())!;
  await page.mouse.move(from.x + 10, from.y + 10);
  await page.mouse.down();
  await page.mouse.move(to.x + to.width / 2, Math.max(10, to.y + 60), { steps: 12 });
  await page.mouse.up();
  await expect(target.getByRole('button', { name: 'Drag Hive 21, Box 1, frame 2' })).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Make 5 lots' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Today' })).toBeVisible();
  await page
    .getByRole('link', { name: /Sea lavender, light/ })
    .first()
    .click();
  await expect(page.getByRole('heading', { name: 'Made of these frames' })).toBeVisible();
  await expect(page.getByText('Marsh yard: Hive 21')).toBeVisible();
  await expect(outcome(page)).toContainText('Accept on its capping');
  await page.getByText('Frame by frame').click();
  await expect(page.getByRole('region', { name: 'Frames of the lot' })).toContainText(
    'Hive 21, Box 1, frame 3',
  );
  await page.goBack();
  await page.keyboard.press('u');
  await expect(page.getByRole('link', { name: /Sea lavender, light/ })).toHaveCount(0);
});

test('a photograph is made small, and what the camera wrote into it is gone', async ({ page }) => {
  await openBox(page, 'Hive 4');
  const picture = await page.evaluate(async () => {
    const canvas = new OffscreenCanvas(2400, 1600);
    canvas.getContext('2d')?.fillRect(100, 100, 900, 700);
    const blob = await canvas.convertToBlob({ type: 'image/jpeg' });
    return [...new Uint8Array(await blob.arrayBuffer())];
  });
  const words = Buffer.from('Exif\0\0II*\0GPSLatitude 53.1');
  const segment = Buffer.concat([Buffer.from([0xff, 0xe1, 0, words.length + 2]), words]);
  const jpeg = Buffer.from(picture);
  const withPlace = Buffer.concat([jpeg.subarray(0, 2), segment, jpeg.subarray(2)]);
  await page.getByText('Photographs').click();
  const input = page.getByLabel('Photograph of a side');
  await input.setInputFiles({ name: 'side.jpg', mimeType: 'image/jpeg', buffer: withPlace });
  // to measure it is offered at once; it is kept all the same
  await expect(page.getByRole('dialog')).toBeVisible();
  await page.keyboard.press('Escape');
  const kept = page.getByRole('img', { name: /Side A on/ });
  await expect(kept).toBeVisible();
  await expect(page.getByText('Side A, 1280 × 853')).toBeVisible();
  const source = (await kept.getAttribute('src')) ?? '';
  const bytes = Buffer.from(source.split(',')[1] ?? '', 'base64');
  expect(withPlace.includes('GPSLatitude')).toBe(true);
  expect(bytes.includes('GPSLatitude')).toBe(false);
  expect(bytes.includes('Exif')).toBe(false);
  expect(bytes.length).toBeLessThan(withPlace.length);
  await input.setInputFiles({
    name: 'a.jpg',
    mimeType: 'image/jpeg',
    buffer: Buffer.from('no picture'),
  });
  await expect(page.getByText(/cannot read this file as a photograph/)).toBeVisible();
});
