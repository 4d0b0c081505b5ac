import { expect, test } from '../../test/walk';
import { CHAPTERS } from './Contents';

test('the contents name every chapter, in its order', async ({ page }) => {
  await page.goto('/mine/handbook');
  await expect(page.getByRole('heading', { level: 2, name: 'Limits' })).toBeVisible();
  const headings = [...document.querySelectorAll('main h2[id]')].map((heading) => [
    heading.id,
    heading.textContent,
  ]);
  if (JSON.stringify(headings) !== JSON.stringify(CHAPTERS))
    throw new Error(`${JSON.stringify(headings)} is not ${JSON.stringify(CHAPTERS)}`);
});
