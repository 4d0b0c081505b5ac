import { spawn } from 'node:child_process';
import { openBrowser } from './browser.mjs';
export const BASE = 'http://localhost:4400';
export async function shots(list) {
  const server = spawn('node', ['dist/server/index.js', '--port', '4400'], { stdio: 'ignore' });
  await new Promise((r) => setTimeout(r, 1200));
  const browser = await openBrowser();
  try {
    for (const { name, size = { width: 1280, height: 800 }, open, full = false } of list) {
      const context = await browser.newContext({ viewport: size });
      const page = await context.newPage();
      page.on('pageerror', (e) => console.log(name, 'ERROR', e.message));
      page.on('console', (m) => m.type() === 'error' && console.log(name, 'console', m.text()));
      try { await open(page); } catch (e) { console.log(name, 'OPEN', e.message.split('\n')[0]); }
      await page.waitForTimeout(500);
      const wide = await page.evaluate(() => document.documentElement.scrollWidth > document.documentElement.clientWidth);
      if (wide) console.log(name, 'SCROLLS SIDEWAYS');
      await page.screenshot({ path: `/tmp/shots/${name}.png`, fullPage: full });
      await context.close();
    }
  } finally { await browser.close(); server.kill(); }
}
