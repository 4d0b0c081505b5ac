import { mark, nextFrame, openBox, tenths, verdict } from './combHouse';
import { expect, expectAccessible, test } from './house';

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

test('points and paint give their shares with an interval, by mouse and by keyboard', async ({
  page,
}) => {
  await openBox(page, 'Hive 4');
  await page.getByText('How full, and how to judge').click();
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
  await expect(verdict(page)).toContainText('On the hive during treatment with thymol strips');
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
  await expect(verdict(page)).toContainText('it may contain syrup');
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
  await page.keyboard.press('7');
  await expect(verdict(page)).toContainText('Put back');
  await expect(page.getByText('Bees finish it before nectar ends')).toBeVisible();
  await expect(page.getByText(/as this frame has shown\. Look again on/)).toBeVisible();
  await expect(page.getByText(/such frames fit before the limit is in doubt/)).toBeVisible();
  await page
    .getByRole('radiogroup', { name: 'What you do with it' })
    .getByRole('radio', { name: 'Take', exact: true })
    .click();
  await expect(verdict(page)).toContainText('Take · your choice');
  await nextFrame(page).click();
  await mark(page, 5).click();
  await expect(verdict(page)).toContainText('Take · your choice');
});
