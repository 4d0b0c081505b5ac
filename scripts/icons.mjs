/** Draws the PNG icons that some systems want from public/icon.svg: `node scripts/icons.mjs`. */
import { readFileSync } from 'node:fs';
import { openBrowser } from './browser.mjs';

const svg = readFileSync('public/icon.svg', 'utf8');
const browser = await openBrowser();
for (const size of [192, 512]) {
  const page = await browser.newPage({ viewport: { width: size, height: size } });
  await page.setContent(
    `<style>body{margin:0}svg{display:block;width:100vw;height:100vh}</style>${svg}`,
  );
  await page.screenshot({ path: `public/icon-${size}.png` });
  await page.close();
}
await browser.close();
