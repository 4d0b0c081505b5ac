import { mark, nextFrame, openBox, tenths, verdict } from './combHouse';
import { expect, expectAccessible, expectNoSidewaysScroll, test } from './house';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });

test('a whole box judged with one thumb: three taps a frame, everything in sight', async ({
  page,
}) => {
  await openBox(page, 'Hive 4');
  await expectNoSidewaysScroll(page);
  const sides: [number, number][] = [
    [9, 9],
    [10, 9],
    [8, 8],
    [10, 10],
    [9, 8],
    [7, 9],
    [8, 9],
    [9, 9],
    [3, 2],
    [10, 10],
  ];
  for (const [at, [a, b]] of sides.entries()) {
    await expect(page.getByText(`Frame ${at + 1} of 10`)).toBeVisible();
    await tenths(page, 'A', a).tap();
    await tenths(page, 'B', b).tap();
    await expect(verdict(page)).not.toContainText('is not judged yet');
    if (at === 0) {
      for (const target of [tenths(page, 'A', 9), tenths(page, 'B', 9), nextFrame(page)]) {
        await expect(target).toBeInViewport({ ratio: 1 });
        const box = await target.boundingBox();
        expect(Math.min(box?.width ?? 0, box?.height ?? 0)).toBeGreaterThanOrEqual(56);
      }
      await expect(page.getByRole('radio', { name: 'Nothing fell' })).toBeInViewport({ ratio: 1 });
      await expectAccessible(page);
    }
    await nextFrame(page).tap();
  }
  await expect(page.getByRole('heading', { level: 1, name: 'Marsh, second visit' })).toBeVisible();
  await expect(page.getByText('10 of 10 judged, 8 to take')).toHaveCount(2);
  await expectNoSidewaysScroll(page);
  await expectAccessible(page);
});

test('a swipe turns to the next frame, and keeps what was tapped', async ({ page }) => {
  await openBox(page, 'Hive 4');
  await tenths(page, 'A', 9).tap();
  await tenths(page, 'B', 9).tap();
  await page.getByRole('heading', { name: 'Side A' }).evaluate((heading) => {
    const at = (type: string, clientX: number) =>
      heading.dispatchEvent(
        new PointerEvent(type, { clientX, clientY: 200, pointerType: 'touch', bubbles: true }),
      );
    at('pointerdown', 320);
    at('pointerup', 120);
  });
  await expect(page.getByText('Frame 2 of 10')).toBeVisible();
  await expect(mark(page, 1)).toHaveAccessibleName('Frame 1, Take');
});

test('a thumb quicker than the store: what is tapped right after turning is of the next frame', async ({
  page,
}) => {
  await openBox(page, 'Hive 4');
  await tenths(page, 'A', 9).tap();
  await tenths(page, 'B', 9).tap();
  await page.evaluate(async () => {
    const buttons = [...document.querySelectorAll('button')];
    buttons.find((button) => button.textContent?.includes('Next frame'))?.click();
    await new Promise(requestAnimationFrame);
    await new Promise(requestAnimationFrame);
    document.querySelector<HTMLElement>('[role=radio][aria-label="3 tenths"]')?.click();
  });
  await expect(page.getByText('Frame 2 of 10')).toBeVisible();
  await expect(tenths(page, 'A', 3)).toBeChecked();
  await expect(mark(page, 1)).toHaveAccessibleName('Frame 1, Take');
});
