import { mark, nextFrame, openBox, tenths, verdict } from './combHouse';
import { expect, test } from './house';

test('two tabs on one box: each keeps its own half-tapped frame, both see what is kept', async ({
  page,
  context,
}) => {
  await openBox(page, 'Hive 4');
  await mark(page, 2).click();
  await tenths(page, 'A', 6).click();
  const other = await context.newPage();
  await openBox(other, 'Hive 4');
  await mark(other, 1).click();
  await tenths(other, 'A', 9).click();
  await tenths(other, 'B', 9).click();
  await nextFrame(other).click();
  await expect(mark(page, 1)).toHaveAccessibleName('Frame 1, Take');
  await expect(tenths(page, 'A', 6)).toBeChecked();
  await expect(verdict(page)).toContainText('Side B is not judged yet.');
});
