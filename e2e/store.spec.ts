import type { Page } from '@playwright/test';
import { expect, expectAccessible, expectNoSidewaysScroll, savedBy, test } from './house';
import { pdfText } from './pdfText';

async function openStore(page: Page): Promise<void> {
  await page.goto('/demo/store');
  await expect(page.getByRole('heading', { level: 1, name: 'Store' })).toBeVisible();
}

test('a hive is called back: every jar of it, with who has it', async ({ page }) => {
  await page.goto('/demo/store/trace');
  await page
    .getByRole('region', { name: 'Hives' })
    .getByRole('link', { name: /Hive 7/ })
    .click();
  const recall = page.getByRole('region', { name: 'Recall sheet' });
  await expect(recall).toContainText(/18 jars sold or given away/);
  await expect(recall.getByRole('row', { name: /ferry landing stall/ })).toContainText('1 to 18');
  const button = recall.getByRole('button', { name: 'Save as PDF' });
  const { text } = await pdfText(await savedBy(page, () => button.click()));
  expect(text).toContain('18 jars sold or given away');
  expect(text).toContain('ferry landing stall: 18 jars');
  expect(text).toContain('What it passed through');
  expect(text).toContain('Bean field, second day, ');
});

test('a blend is planned, also once its solver could not be loaded, poured, and becomes a lot with parents', async ({
  page,
}) => {
  await page.route('**/*.wasm', (route) => route.abort());
  await page.goto('/demo/store/blend');
  await page.getByRole('button', { name: 'Find the best blend' }).click();
  await expect(page.getByRole('alert')).toContainText('could not be loaded');
  await page.unroute('**/*.wasm');
  await page.getByLabel('Target, with guard band').fill('9');
  await page.getByRole('button', { name: 'Find the best blend' }).click();
  await expect(page.getByText('This must be between 14 and 25 %.')).toBeVisible();
  await page.getByLabel('Target, with guard band').fill('18');
  for (const lot of await page.getByRole('checkbox', { name: /kg,/ }).all()) {
    const name = await lot.evaluate(
      (item) => document.querySelector(`label[for="${item.id}"]`)?.textContent ?? '',
    );
    if (!/Marsh, after the rain|Borage/.test(name)) await lot.click();
  }
  await page.getByRole('button', { name: 'Find the best blend' }).click();
  await expect(page.getByText('Nothing can be used up within these limits.')).toBeVisible({
    timeout: 20_000,
  });
  await expect(page.getByText(/Letting flows mix|No single limit does/)).toBeVisible({
    timeout: 20_000,
  });
  await page.getByRole('checkbox', { name: 'Flows may mix' }).click();
  await page.getByRole('checkbox', { name: 'Colours may mix' }).click();
  await page.getByRole('button', { name: 'Find the best blend' }).click();
  const answer = page.getByRole('region', { name: 'The answer' });
  await expect(answer.getByText('Saves')).toBeVisible({ timeout: 20_000 });
  await expect(answer.getByText(/^Proven:|No other blend/)).toBeVisible();
  await expect(page.getByRole('region', { name: 'The second best' })).toContainText(
    /Saves|No other set/,
    { timeout: 20_000 },
  );
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Save it and pour' }).click();
  await expect(page.getByText('Store: pouring list')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Record this tank as a lot' })).toBeDisabled();
  await expectAccessible(page);
  for (
    let left = await page.getByRole('button', { name: /^Poured/ }).count();
    left > 0;
    left -= 1
  ) {
    await page
      .getByRole('button', { name: /^Poured/ })
      .first()
      .click();
    await expect(page.getByRole('button', { name: /^Poured/ })).toHaveCount(left - 1);
  }
  await page.getByRole('button', { name: 'Record this tank as a lot' }).click();
  await expect(page.getByRole('heading', { level: 1, name: /Blend, Tank 1/ })).toBeVisible();
  await expect(page.getByText(/Calculated .* from the measured containers/)).toBeVisible();
  await page.keyboard.press('d');
  await expect(page.getByRole('heading', { name: 'What it was blended from' })).toBeVisible();
  await expect(page.getByText(/^Lot .*, Borage, east field: /)).toBeVisible();
  await expect(page.getByText(/^Lot .*, Marsh, after the rain: /)).toBeVisible();
  await page.goBack();
  const lotId = page.url().split('/').at(-1) ?? '';
  await page.goto(`/demo/store/trace/lot:${lotId}`);
  const drawing = page.getByRole('region', { name: 'The trace, drawn' });
  await expect(drawing.getByText('Borage, east field')).toBeVisible();
  await expect(drawing.getByText('Marsh, after the rain')).toBeVisible();
});

test('labels: words, a sheet of my own that does not fit, and a PDF', async ({ page }) => {
  await openStore(page);
  await page
    .getByRole('article', { name: 'Borage, east field' })
    .getByRole('link', { name: /^Labels/ })
    .click();
  await page.getByLabel('Title').fill('Island honey');
  await page.getByRole('radio', { name: 'US and metric' }).click();
  await page.getByLabel('Sheet', { exact: true }).selectOption('own');
  await page.getByLabel('Columns').fill('9');
  await page.getByRole('button', { name: /labels as PDF/ }).click();
  await expect(page.getByText(/wider than the page/)).toBeVisible();
  await page.getByLabel('Sheet', { exact: true }).selectOption('a4-8');
  await expectAccessible(page);
  await expectNoSidewaysScroll(page);
  const button = page.getByRole('button', { name: /labels as PDF/ });
  const bytes = await savedBy(page, () => button.click());
  expect(bytes.subarray(0, 5).toString()).toBe('%PDF-');
});
