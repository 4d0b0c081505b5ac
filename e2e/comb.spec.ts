import { mark, nextFrame, openBox, openDay, tenths, verdict } from './combHouse';
import { expect, expectAccessible, outcome, test } from './house';

test('a whole box judged with the keyboard: digits and arrows', async ({ page }) => {
  await openBox(page, 'Hive 5');
  const { keyboard } = page;
  await expect(page.getByText('Frame 1 of 10')).toBeVisible();
  for (let at = 1; at <= 10; at += 1) {
    await expect(page.getByText(`Frame ${at} of 10`)).toBeVisible();
    await keyboard.press(at === 3 ? '4' : '9');
    await keyboard.press(at === 3 ? '3' : '8');
    if (at === 4) await keyboard.press('f');
    if (at === 5) await keyboard.press('d');
    await keyboard.press('ArrowRight');
  }
  await expect(page.getByText('10 of 10 judged, 8 to take')).toHaveCount(2);
  await page.goBack();
  await mark(page, 4).click();
  await expect(tenths(page, 'A', 10)).toBeChecked();
  await keyboard.press('ArrowDown');
  await expect(page.getByRole('region', { name: 'Side A' })).toContainText('90 %');
});

test('undo takes a kept frame back, and another undo the one before', async ({ page }) => {
  await openBox(page, 'Hive 4');
  for (const slot of [1, 2]) {
    await tenths(page, 'A', 9).click();
    await tenths(page, 'B', 9).click();
    await nextFrame(page).click();
    await expect(mark(page, slot)).toHaveAccessibleName(`Frame ${slot}, Take`);
  }
  await page.keyboard.press('u');
  await expect(mark(page, 2)).toHaveAccessibleName('Frame 2, not judged');
  await page.keyboard.press('u');
  await expect(mark(page, 1)).toHaveAccessibleName('Frame 1, not judged');
  await page.keyboard.press('Shift+U');
  await expect(mark(page, 1)).toHaveAccessibleName('Frame 1, Take');
});

test('points and paint give their shares with an interval, by mouse and by keyboard', async ({
  page,
}) => {
  await openBox(page, 'Hive 4');
  await page.getByText('How full, and how you judge').click();
  const a = page.getByRole('group', { name: 'Side A' });
  await a.getByRole('radio', { name: 'Count points' }).click();
  const board = page.getByRole('application', { name: /Side A, points on the frame/ });
  await board.focus();
  for (let at = 0; at < 24; at += 1) {
    await page.keyboard.press('Space');
    await page.keyboard.press('ArrowRight');
    if (at % 6 === 5) {
      for (let back = 0; back < 5; back += 1) await page.keyboard.press('ArrowLeft');
      await page.keyboard.press('ArrowDown');
    }
  }
  // Wilson's interval for 24 of 24: 0.862 to 1
  await expect(page.getByRole('region', { name: 'Side A' })).toContainText(
    '100 % capped (86–100 %)',
  );
  await expect(page.getByText('Enough points: more would hardly change the answer.')).toBeVisible();

  await page
    .getByRole('group', { name: 'Side B' })
    .getByRole('radio', { name: 'Paint it' })
    .click();
  const comb = page.getByRole('application', { name: /Side B, drawn comb/ });
  await comb.scrollIntoViewIfNeeded();
  const box = (await comb.boundingBox())!;
  await page.mouse.move(box.x + 20, box.y + 20);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width - 20, box.y + 24, { steps: 25 });
  await page.mouse.up();
  await page
    .getByRole('region', { name: 'Side B' })
    .getByRole('radio', { name: 'Open honey' })
    .click();
  await page.getByRole('button', { name: 'Fill the rest with this' }).click();
  await expect(page.getByRole('region', { name: 'Side B' })).toContainText(/(8|9) % capped/);
  await expect(verdict(page)).toContainText(/Put back|Leave/);
  await expectAccessible(page);
});

test('a treatment with the boxes on blocks, and only a reason after reading the label clears', async ({
  page,
}) => {
  await openBox(page, 'Hive 22');
  await mark(page, 1).click();
  await expect(verdict(page)).toContainText('Leave');
  await expect(verdict(page)).toContainText('On the hive during the treatment with thymol strips');
  const choices = page.getByRole('radiogroup', { name: 'What you do with it' });
  await expect(choices.getByRole('radio', { name: 'Put back' })).toBeVisible();
  await expect(choices.getByRole('radio', { name: 'Take', exact: true })).toHaveCount(0);
  await expectAccessible(page);
  await page
    .getByLabel('I have read the label; it may be taken, because')
    .fill('Label: no waiting time');
  await expect(verdict(page)).toContainText('Take');
  await nextFrame(page).click();
  await expect(mark(page, 1)).toHaveAccessibleName('Frame 1, Take');

  await page.goto('/demo/comb');
  await page.getByRole('link', { name: /Marsh, second visit/ }).click();
  await page.getByRole('link', { name: 'Make lots' }).click();
  await page.getByRole('button', { name: 'Make 2 lots' }).click();
  await page
    .getByRole('link', { name: /Sea lavender 26/ })
    .first()
    .click();
  await expect(
    page.getByText(/were taken on the keeper’s word \(“Label: no waiting time”\)/).first(),
  ).toBeVisible();
});

test('syrup with the boxes on blocks; frames out before a treatment goes in are free', async ({
  page,
}) => {
  await openBox(page, 'Hive 24');
  await mark(page, 1).click();
  await expect(verdict(page)).toContainText('it could hold syrup');
  await expect(page.getByText(/feed its honey and wet combs to no other colony/)).toBeVisible();
  await openBox(page, 'Hive 6');
  await page.keyboard.press('9');
  await page.keyboard.press('9');
  await expect(verdict(page)).toContainText('Take');
});

test('the queen, brood hemmed in, beetles: what is urgent is said', async ({ page }) => {
  await openBox(page, 'Hive 23', 'Brood box');
  await mark(page, 4).click();
  await expect(page.getByRole('alert')).toContainText('Put this frame back gently, now.');
  await expect(page.getByText('The brood is hemmed in by honey')).toBeVisible();
  await expect(page.getByText(/2 drawn, empty frames beside the nest/)).toBeVisible();
  await expect(page.getByText('Left for the colony')).toBeVisible();
  await page.goto('/demo/today');
  await expect(page.getByRole('link', { name: /Extract Hive 24, Box 1/ })).toContainText(
    'within 48 hours',
  );
  await expect(
    page.getByRole('link', { name: /Look again at 2 frames in Hive 21, Box 2/ }),
  ).toBeVisible();
});

test('put back or take: a chance, a day, the alternatives, and one’s own choice', async ({
  page,
}) => {
  await openBox(page, 'Hive 21', 'Box 2');
  await mark(page, 5).click();
  await page.keyboard.press('7');
  await page.keyboard.press('6');
  await expect(verdict(page)).toContainText('Put back');
  await expect(page.getByText('Bees finish it before nectar ends')).toBeVisible();
  await expect(page.getByText(/as this frame has shown\. Look again on/)).toBeVisible();
  await expect(
    page.getByText(/such frames fit before it is no longer surely within the limit/),
  ).toBeVisible();
  await page
    .getByRole('radiogroup', { name: 'What you do with it' })
    .getByRole('radio', { name: 'Take', exact: true })
    .click();
  await expect(verdict(page)).toContainText('Take · your choice');
  await nextFrame(page).click();
  await mark(page, 5).click();
  await expect(verdict(page)).toContainText('Take · your choice');
});

test('a yard at one stroke: a sample, what it says of the rest, and the tally', async ({
  page,
}) => {
  await openDay(page);
  const before = await page
    .getByRole('region', { name: 'Count' })
    .getByText(/frames taken/)
    .textContent();
  expect(before).toContain('of 30 judged');
  await page.getByRole('link', { name: 'Judge at one stroke' }).click();
  await page.getByRole('button', { name: 'Keep this judgement' }).click();
  await expect(
    page
      .getByText('Judge between 1 and 2000 boxes at one stroke.')
      .or(page.getByText('Type a number here.'))
      .first(),
  ).toBeVisible();
  await page.getByLabel('Called').fill('Moor yard, upper row');
  await page.getByLabel('Yard').selectOption({ label: 'Moor yard' });
  await page.getByLabel('Boxes').fill('12');
  await page.getByRole('radio', { name: '9 tenths' }).click();
  await page.getByLabel('Frames to look at').fill('8');
  const looks = page.getByLabel(/^Box \d+, frame \d+$/);
  await expect(looks).toHaveCount(8);
  for (let at = 0; at < 8; at += 1) await looks.nth(at).selectOption(at === 2 ? '6' : '9');
  await expect(page.getByText(/8 of 8 looked at, 1 short of the 80 %/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Keep this judgement' }).click();
  await expect(
    page.getByText(/120 frames in 12 boxes, \d+ % capped .* at most \d+ frames short/),
  ).toBeVisible();
  await expect(page.getByRole('region', { name: 'Count' })).toContainText('of 150 judged');
  await page.getByRole('button', { name: 'Totes: more' }).click();
  await page.reload();
  await expect(page.getByRole('group', { name: 'Totes' })).toContainText('1');
});

test('schools side by side disagree on the same frames; another one can judge; own ones are saved', async ({
  page,
}) => {
  await openDay(page);
  const schools = page.getByRole('region', { name: 'Other schools on the same frames' });
  const row = (name: string) =>
    schools.getByRole('listitem').filter({ has: page.getByRole('heading', { name, exact: true }) });
  await expect(row('Full capping')).toContainText('4 frames');
  await expect(row('Four fifths')).toContainText('15 frames');
  await expect(row('Early and dry')).toContainText('to dry');
  await row('Full capping').getByRole('button', { name: 'Judge by it' }).click();
  await expect(row('Full capping')).toContainText('Judges today');
  await expect(page.getByText('frames taken, of 30 judged')).toBeVisible();
  await row('Four fifths').getByRole('button', { name: 'Own version' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Ours, nine tenths');
  await page.getByLabel('Capped share asked for').fill('90');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(row('Ours, nine tenths')).toBeVisible();
  await page.keyboard.press('u');
  await expect(row('Ours, nine tenths')).toHaveCount(0);
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
  await expect(outcome(page)).toContainText('Accept by capping, moisture not measured');
  await page.getByText('Frame by frame').click();
  await expect(page.getByRole('region', { name: 'Frames of the lot' })).toContainText(
    'Hive 21, Box 1, frame 3',
  );
  await page.goBack();
  await page.keyboard.press('u');
  await expect(page.getByRole('link', { name: /Sea lavender, light/ })).toHaveCount(0);
});

test('frames move into a tote and keep their hive', async ({ page }) => {
  await openBox(page, 'Hive 21');
  await page.getByText('Move to a tote or another box').click();
  await page.getByRole('button', { name: 'Move all 8 that you take' }).click();
  await expect(page.locator('.verdict-bar')).toContainText('8 frames moved to Tote A');
  await expect(mark(page, 3)).toHaveAccessibleName('Frame 3, not judged');
  await page.getByRole('link', { name: /Back to Marsh/ }).click();
  await page.getByRole('link', { name: 'Make lots' }).click();
  await expect(page.getByText('Hive 21, Box 1, frame 3')).toBeVisible();
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
  await expect(page.getByText(/not a photograph that the browser can read/)).toBeVisible();
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
  await expect(page.getByText('Give the yard a name that you find again.')).toBeVisible();
  await expectAccessible(page);
  await page.getByLabel('Name', { exact: true }).fill('Back garden');
  await page.getByRole('dialog').getByRole('button', { name: 'Add', exact: true }).click();
  await add('Add a hive to Back garden', { 'Name or number': 'Blue hive' });
  await add('Add a box to Blue hive', { Label: 'Top box', 'Places for frames': '8' });
  await add('Add a flow', { Name: 'Lime', Plant: 'lime tree', 'Expected to': '2099-01-01' });
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
  await page.keyboard.press('9');
  await page.keyboard.press('9');
  await page.keyboard.press('ArrowRight');
  await expect(mark(page, 1)).toHaveAccessibleName('Frame 1, Take');
  await expect(page.getByText('Frame 2 of 8')).toBeVisible();
});
