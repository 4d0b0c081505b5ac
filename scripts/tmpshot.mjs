import { spawn } from 'node:child_process';
import { openBrowser } from './browser.mjs';
export const BASE='http://localhost:4400';
export async function shots(list){
  const server = spawn('node',['dist/server/index.js'],{env:{...process.env,PORT:'4400'},stdio:'ignore'});
  await new Promise(r=>setTimeout(r,1500));
  const browser = await openBrowser();
  try{
    for (const {name,size=[1280,800],run,full=false} of list){
      const ctx=await browser.newContext({viewport:{width:size[0],height:size[1]},reducedMotion:'reduce',serviceWorkers:'block'});
      const page=await ctx.newPage();
      page.on('console',m=>{if(m.type()==='error')console.log(name,m.text())});
      page.on('pageerror',e=>console.log(name,'PAGEERROR',e.message));
      try{ await run(page); await page.waitForTimeout(500); await page.screenshot({path:`/tmp/s-${name}.png`,fullPage:full});
        const over=await page.evaluate(()=>document.documentElement.scrollWidth-innerWidth); if(over>0)console.log(name,'SIDEWAYS',over);
      }catch(e){console.log(name,'FAIL',e.message.slice(0,600)); await page.screenshot({path:`/tmp/s-${name}.png`});}
      await ctx.close();
    }
  } finally { await browser.close(); server.kill(); }
}
