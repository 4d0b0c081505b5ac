import type { Page } from '@playwright/test';
import { expect, outcome, test } from './house';

/** Tabs on until the named thing has the focus. */
async function tabTo(page: Page, name: RegExp): Promise<void> {
  for (let step = 0; step < 60; step += 1) {
    const focused = await page.evaluate(() => {
      const element = document.activeElement;
      if (!element || element === document.body) return '';
      const label = element?.id ? document.querySelector(`label[for="${element.id}"]`) : null;
      return (
        label?.textContent ?? element?.getAttribute('aria-label') ?? element?.textContent ?? ''
      );
    });
    if (name.test(focused)) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`the focus never reached ${String(name)}`);
}

test('from the door to a signed ruling and its dossier with the keyboard alone', async ({
  page,
}) => {
  const { keyboard } = page;
  await page.goto('/');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await tabTo(page, /Start my own/);
  await keyboard.press('Enter');
  await expect(page.getByText('No honey here yet')).toBeVisible();

  await keyboard.press('n');
  await expect(page.getByRole('heading', { name: 'New lot' })).toBeVisible();
  await tabTo(page, /^0$/);
  for (let tenths = 1; tenths <= 9; tenths += 1) {
    await keyboard.press('ArrowRight');
    await expect(page.getByRole('radio', { name: String(tenths), exact: true })).toBeChecked();
  }
  await expect(outcome(page)).toContainText('Accept on its capping');
  await tabTo(page, /^Name$/);
  await keyboard.type('Back garden');
  await keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'Back garden' })).toBeVisible();

  await keyboard.type('17,6');
  await tabTo(page, /Temperature of meter/);
  await keyboard.type('25');
  await tabTo(page, /^No$/);
  await keyboard.press('Space');
  await keyboard.press('Shift+Tab');
  await expect(page.getByText('Read warm: 0.45 lower than the dial.')).toBeVisible();
  await keyboard.press('Enter');
  await expect(page.getByRole('status').filter({ hasText: 'Reading 17.6 % saved' })).toBeVisible();
  await expect(page.getByRole('listitem').filter({ hasText: 'dial 17.6 %' })).toContainText(
    '17.1 %',
  );

  await page.evaluate(() => (document.activeElement as HTMLElement).blur());
  await keyboard.press('s');
  await expect(page.getByRole('dialog')).toBeVisible();
  await keyboard.type('QB');
  await keyboard.press('Enter');
  await expect(page.getByText(/Signed by QB/).first()).toBeVisible();
  await expect(page.getByRole('dialog')).toHaveCount(0);

  await keyboard.press('t');
  await expect(page.getByRole('heading', { name: 'Signed (1)' })).toBeVisible();
  await tabTo(page, /Back garden/);
  await keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'Back garden' })).toBeVisible();
  await keyboard.press('d');
  await expect(page.getByText('Ripenum lot dossier')).toBeVisible();

  await keyboard.press('Control+k');
  await expect(page.getByPlaceholder('What do you want to do?')).toBeFocused();
  await keyboard.type('Screen: Night');
  await expect(page.getByRole('option').first()).toContainText('Screen: Night');
  await keyboard.press('Enter');
  await expect(page.locator('html')).toHaveAttribute('data-scheme', 'night');
  await page.reload();
  await expect(page.locator('html')).toHaveAttribute('data-scheme', 'night');
});
