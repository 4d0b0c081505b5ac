import { openBox, verdict } from './combHouse';
import { expect, expectAccessible, test } from './house';

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
