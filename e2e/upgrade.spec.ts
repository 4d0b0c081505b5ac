import { writeFirstVersion } from './firstVersion';
import { expect, test } from './house';

test('records that the first version wrote are still there, and can be worked on', async ({
  page,
}) => {
  await writeFirstVersion(page);
  await page.goto('/mine/today');
  await page.getByRole('link', { name: /From before/ }).click();
  await page.getByLabel('The dial shows').fill('17.2');
  await page.getByRole('button', { name: 'Save this reading' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'dial 17.2 %' })).toBeVisible();
});
