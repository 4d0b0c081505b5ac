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
