import { mark, nextFrame, openBox, openDay, tenths, verdict } from '../test/houses';
import { expect, expectAccessible, test } from '../test/walk';

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

test('a tap is taken back before the frame is kept', async ({ page }) => {
  await openBox(page, 'Hive 4');
  await tenths(page, 'A', 9).click();
  await tenths(page, 'B', 3).click();
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('Backspace');
  await expect(verdict(page)).toContainText('Side B is not judged yet.');
  await expect(tenths(page, 'A', 9)).toBeChecked();
  await page.getByRole('button', { name: 'Undo the last tap' }).click();
  await expect(verdict(page)).toContainText('Side A is not judged yet.');
});

test('a whole yard in one go: its boxes, what stays, a sample, and the tally', async ({ page }) => {
  await openDay(page);
  const count = page.getByRole('region', { name: 'Count' });
  await expect(count.getByText(/frames taken/)).toContainText('of 30 judged');
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

test('interrupted in the middle of a frame, the same frame comes back as it was', async ({
  page,
}) => {
  await openBox(page, 'Hive 4');
  await mark(page, 5).click();
  await tenths(page, 'A', 7).click();
  await expect(verdict(page)).toContainText('Side B is not judged yet.');
  await page.reload();
  await expect(page.getByText('Frame 5 of 10')).toBeVisible();
  await expect(tenths(page, 'A', 7)).toBeChecked();
  await page.goto('/demo/today');
  await page.getByRole('link', { name: /Carry on at Hive 4, Box 1, frame 5/ }).click();
  await expect(tenths(page, 'A', 7)).toBeChecked();
  await expect(mark(page, 5)).toHaveAccessibleName('Frame 5, begun');
});

test('a few frames and a bucket, from the comb to a lot on one screen', async ({ page }) => {
  await page.goto('/mine/comb');
  await page.getByRole('link', { name: 'Just a few frames and a bucket' }).click();
  await page.getByRole('button', { name: 'Make the lot' }).click();
  await expect(page.getByText('Tap the capping of both sides of one frame.')).toBeVisible();
  for (const [at, count] of [9, 10, 4].entries()) {
    const frame = page.getByRole('region', { name: `Frame ${at + 1}` });
    for (const side of ['side a', 'side b']) {
      await frame
        .getByRole('radiogroup', {
          name: `Frame ${at + 1}, ${side}: tenths of the honey that are capped`,
        })
        .getByRole('radio', { name: `${count} tenths`, exact: true })
        .click();
    }
  }
  await expect(page.getByRole('region', { name: 'Frame 3' })).toContainText('Put back');
  await expect(page.getByText('Take it').first()).toBeVisible();
  await page.getByLabel('Honey in the bucket').fill('3,4');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Make the lot' }).click();
  await expect(page.getByRole('heading', { name: 'Made of these frames' })).toBeVisible();
  await expect(page.getByText(/Together (about )?3\.4/)).toBeVisible();
  await expect(page.getByText(/^Accept on its capping/).first()).toBeVisible();
});
