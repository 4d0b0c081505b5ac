import { mark, openBox, openDay } from './combHouse';
import { expect, expectAccessible, outcome, test } from './house';

test('a whole yard in one go: its boxes, what stays, a sample, and the tally', async ({ page }) => {
  await openDay(page);
  const before = await page
    .getByRole('region', { name: 'Count' })
    .getByText(/frames taken/)
    .textContent();
  expect(before).toContain('of 30 judged');
  await page.getByRole('link', { name: 'Judge a whole yard or stack' }).click();
  await page.getByRole('button', { name: 'Save this judgement' }).click();
  await expect(page.getByText('Choose a yard, tick single boxes, or type how many')).toBeVisible();
  await expect(page.getByText(/Choose how much is capped/)).toBeVisible();
  await page.getByRole('radio', { name: /^Field yard: \d boxes/ }).click();
  // Hive 8 was treated with its boxes on: its box stays, whatever is done with the others
  const held = page.getByRole('note').filter({ hasText: 'These stay on the hive' });
  await expect(held).toContainText('Hive 8, Box 1');
  await expect(held).toContainText('formic strips');
  await page.getByRole('radio', { name: '9 tenths' }).click();
  await page.getByLabel('Frames to look at closely').fill('8');
  const looks = page.getByLabel(/^Box \d+, frame \d+$/);
  await expect(looks).toHaveCount(8);
  for (let at = 0; at < 8; at += 1) await looks.nth(at).selectOption(at === 2 ? '6' : '9');
  await expect(page.getByText(/8 of 8 checked, 1 below the 80 %/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Save this judgement' }).click();
  await expect(
    page.getByText(/50 frames in 5 boxes, \d+ % capped .* at most \d+ frames short/),
  ).toBeVisible();
  await expect(page.getByText(/Left on the hive: Hive 8, Box 1/)).toBeVisible();
  await page.getByRole('button', { name: 'Totes: more' }).click();
  await expect(page.getByRole('group', { name: 'Totes' })).toContainText('1');
  await page.reload();
  await expect(page.getByRole('group', { name: 'Totes' })).toContainText('1');
});

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

test('a season of one’s own: yard, hive, box, flow, day, and the first frame', async ({ page }) => {
  await page.goto('/mine/season');
  const add = async (button: string, fields: Record<string, string>) => {
    await page.getByRole('button', { name: button, exact: true }).click();
    const sheet = page.getByRole('dialog');
    for (const [label, text] of Object.entries(fields))
      await sheet.getByLabel(label, { exact: true }).fill(text);
    await sheet.getByRole('button', { name: 'Add', exact: true }).click();
    await expect(sheet).toBeHidden();
  };
  await page.getByRole('button', { name: 'Add a yard' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByText('Give it a name.')).toBeVisible();
  await expectAccessible(page);
  await page.getByLabel('Name', { exact: true }).fill('Back garden');
  await page.getByRole('dialog').getByRole('button', { name: 'Add', exact: true }).click();
  await page.getByRole('button', { name: 'Add a hive to Back garden' }).click();
  const hive = page.getByRole('dialog');
  await hive.getByLabel('Name or number').fill('Blue hive');
  await hive.getByRole('button', { name: 'Add', exact: true }).click();
  // nobody is taken for healthy unasked
  await expect(hive.getByText(/Say how healthy the colony is/)).toBeVisible();
  await hive.getByRole('radio', { name: 'Sound' }).click();
  await hive.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(hive).toBeHidden();
  await add('Add a box to Blue hive', { Label: 'Top box', 'Places for frames': '8' });
  await add('Add a flow', {
    Name: 'Lime',
    Plant: 'lime tree',
    'Expected to': `${new Date().getFullYear() + 1}-12-31`,
  });
  await add('Add a frame', {
    Name: 'Own frame',
    'Comb of one side': '6,2',
    'Empty frame': '0.35',
    'Empty box': '3',
  });
  await expectAccessible(page);
  await page.keyboard.press('m');
  await page.getByRole('button', { name: 'Start a day at the hives' }).click();
  await page.getByLabel('Name', { exact: true }).fill('First harvest');
  await page.getByLabel('Flow').selectOption({ label: `Lime, ${new Date().getFullYear()}` });
  await page.getByRole('dialog').getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'First harvest' })).toBeVisible();
  await page.getByRole('link', { name: 'Judge the next frame' }).click();
  await expect(page.getByText('Frame 1 of 8')).toBeVisible();
  await page.keyboard.press('9');
  await page.keyboard.press('9');
  await page.keyboard.press('ArrowRight');
  await expect(mark(page, 1)).toHaveAccessibleName('Frame 1, Take');
  await expect(page.getByText('Frame 2 of 8')).toBeVisible();
});
