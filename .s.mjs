import { chromium } from 'playwright-core';
// usage: shot.mjs out W H steps...   step: goto:/path | click:role:name | wait:ms | fill:label:value
const [out, W, H, ...steps] = process.argv.slice(2);
const b = await chromium.launch({ executablePath: '/usr/bin/chromium-headless-shell' });
const p = await b.newPage({ viewport: { width: +W, height: +H } });
p.on('pageerror', e => console.log('ERR', e.message)); p.on('console', m => ['error','warning'].includes(m.type()) && console.log('CON', m.text()));
await p.goto('http://localhost:4300/demo/today'); await p.waitForTimeout(2500);
let n = 0;
for (const s of steps) {
  const [k, a, ...r] = s.split('|');
  if (k === 'goto') await p.goto('http://localhost:4300' + a), await p.waitForTimeout(1200);
  if (k === 'click') await p.getByRole(a, { name: r[0], exact: r[1] === 'exact' }).first().click(), await p.waitForTimeout(500);
  if (k === 'text') await p.getByText(a).first().click(), await p.waitForTimeout(400);
  if (k === 'wait') await p.waitForTimeout(+a);
  if (k === 'fill') await p.getByLabel(a).first().fill(r[0]), await p.waitForTimeout(200);
  if (k === 'file') await p.locator(a).first().setInputFiles(r[0]), await p.waitForTimeout(+(r[1] ?? 2000));
  if (k === 'eval') console.log(await p.evaluate(a));
  if (k === 'shot') { await p.screenshot({ path: out.replace('.png', `${n++}.png`) }); }
  if (k === 'full') { await p.screenshot({ path: out.replace('.png', `${n++}.png`), fullPage: true }); }
}
await b.close();
