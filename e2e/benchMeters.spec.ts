import type { Page } from '@playwright/test';
import { chooseMeter, noticed, openBench, startBuckets } from './benchHouse';
import { expect, expectAccessible, test } from './house';

const panel = (page: Page) => page.getByRole('region', { name: 'Stand-in digital meter' });

/** The stand-in meter, ten times faster, with what goes wrong. */
async function openStandIn(page: Page, fault: string): Promise<void> {
  await openBench(page, /outer marsh/);
  await chooseMeter(page, 'Stand-in digital meter');
  await page.getByText(/Simulated meter: honey/).click();
  await page.getByLabel('How fast its clock runs').selectOption({ label: 'Ten times faster' });
  await page.getByLabel('What goes wrong').selectOption({ label: fault });
  await page.getByRole('button', { name: 'Connect', exact: true }).click();
}

const settled = (page: Page) => page.getByRole('button', { name: /^Use \d/ });

test('the simulated meter from connecting to a kept reading, not before it has settled', async ({
  page,
}) => {
  await openStandIn(page, 'It works');
  await expect(panel(page)).toContainText(/Waiting for honey and prism to settle: at least \d+ s/);
  await expect(page.getByRole('button', { name: 'Use, once it has settled' })).toBeDisabled();
  await settled(page).click({ timeout: 30_000 });
  await expect(page.getByLabel('The dial shows')).toHaveValue(/^79\.\d/);
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Save this reading' }).click();
  await noticed(page, /Reading 79\.\d °Bx saved/);
  await page.getByRole('button', { name: 'What was it really?' }).click();
  await expect(panel(page).getByText(/It was 1[5-9]\.\d\d % water/)).toBeVisible();
  await page.getByRole('button', { name: 'Disconnect' }).click();
  await expect(panel(page)).toContainText('Not connected.');
});

/** The same meter once more, with something else that goes wrong. */
async function reconnect(page: Page, fault: string): Promise<void> {
  const disconnect = page.getByRole('button', { name: 'Disconnect' });
  if (await disconnect.isVisible()) await disconnect.click();
  await page.getByLabel('What goes wrong').selectOption({ label: fault });
  await page.getByRole('button', { name: 'Connect', exact: true }).click();
}

test('garbage is left out and counted, a stuck sensor and a pulled cable are never taken, haste does not harm', async ({
  page,
}) => {
  await openStandIn(page, 'Garbage between the lines');
  await settled(page).waitFor({ timeout: 30_000 });
  await expect(panel(page)).toContainText(/\d+ lines were not understood and left out/);
  await settled(page).click();
  const dial = page.getByLabel('The dial shows');
  await expect(dial).toHaveValue(/^79\.\d/);

  await reconnect(page, 'The sensor is stuck');
  await expect(panel(page)).toContainText('the sensor seems stuck', { timeout: 20_000 });
  await expect(settled(page)).toHaveCount(0);

  await reconnect(page, 'The cable is pulled');
  await expect(panel(page)).toContainText(/trying again|connection was lost/, { timeout: 20_000 });
  await expect(settled(page)).toHaveCount(0);
  await dial.fill('79');
  await expect(dial).toHaveValue('79');

  await reconnect(page, 'Ten values a second');
  await dial.clear();
  await dial.pressSequentially('79.3');
  await expect(page.getByRole('status', { name: 'What the dial means' })).toContainText('water');
  await settled(page).waitFor({ timeout: 30_000 });
});

/** A serial cable held by the page itself: it sends what the test asks for. */
async function plugIn(page: Page): Promise<void> {
  await page.addInitScript(() => {
    const encoder = new TextEncoder();
    let controller: ReadableStreamDefaultController<Uint8Array> | undefined;
    const port = {
      readable: new ReadableStream<Uint8Array>({ start: (given) => void (controller = given) }),
      open: () => Promise.resolve(),
      close: () => Promise.resolve(),
    };
    Object.defineProperty(navigator, 'serial', {
      value: { requestPort: () => Promise.resolve(port) },
    });
    Object.assign(window, {
      send: (text: string) => controller?.enqueue(encoder.encode(text)),
    });
  });
}

test.describe('a cable of its own', () => {
  test.use({ fresh: true });

  test('a meter on a serial cable: half lines, garbage, a settled value, in a lot of one’s own', async ({
    page,
  }) => {
    await plugIn(page);
    await page.goto('/mine/bench');
    await page.getByRole('button', { name: 'Add a meter' }).click();
    const sheet = page.getByRole('dialog');
    await sheet.getByRole('button', { name: 'Add', exact: true }).click();
    await expect(sheet.getByText('Give it a name.')).toBeVisible();
    await sheet.getByLabel('Name').fill('Cable meter');
    await sheet.getByRole('radio', { name: '°Brix' }).click();
    await sheet
      .getByRole('radiogroup', { name: /ATC/ })
      .getByRole('radio', { name: 'Yes' })
      .click();
    await sheet
      .getByLabel('How readings come in')
      .selectOption({ label: 'Connected by serial cable' });
    await sheet.getByRole('button', { name: 'Add', exact: true }).click();
    await expect(page.getByRole('link', { name: /Cable meter/ })).toContainText('Never checked');
    await startBuckets(page, 1 + 1);
    await page.getByRole('button', { name: 'Connect', exact: true }).click();
    const cable = page.getByRole('region', { name: 'Cable meter' });
    await expect(cable).toContainText('Connected.');
    await page.evaluate(() => {
      const send = (window as unknown as { send: (text: string) => void }).send;
      send('ERR 07\n81.');
      for (let at = 0; at < 140; at += 1) {
        send(
          `${at === 0 ? '20' : (81.2 + (at % 2) / 50).toFixed(2)} Bx 21.4 C ${(at / 2).toFixed(1)} s\r\n`,
        );
      }
    });
    await expect(cable).toContainText('1 line was not understood');
    await settled(page).click();
    await expect(page.getByLabel('The dial shows')).toHaveValue(/^81\.2/);
    await page.getByRole('button', { name: 'Save this reading' }).click();
    await noticed(page, /Reading 81\.2 °Bx saved/);
    await expect(
      page.getByRole('listitem').filter({ hasText: 'Cable meter' }).first(),
    ).toBeVisible();
  });
});
