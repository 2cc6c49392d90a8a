import { chromium } from '@playwright/test';
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox','--disable-gpu'] });
const ctx = await b.newContext({ viewport:{width:390,height:1000}, hasTouch:true, reducedMotion:'reduce', serviceWorkers:'block' });
const page = await ctx.newPage();
const base='http://localhost:4555';
await page.goto(base); await page.getByRole('button',{name:'Open the demo studio'}).click(); await page.getByRole('heading',{name:'Today',level:1}).waitFor();
for (const [id,n] of [["back-squat","a"],["front-squat","b"],["reverse-lunge","x"]]) { await page.goto(base+'/moves/'+id); const h=page.getByText(/^Setting up/).first(); await h.waitFor(); await page.evaluate(()=>{const e=[...document.querySelectorAll('h2,h3,div')].find(x=>/^Setting up/.test(x.textContent||'')&&x.children.length===0); e&&e.scrollIntoView({block:'start'}); }); await page.waitForTimeout(800); const box=await h.boundingBox(); const y=Math.max(0,box.y-10); await page.screenshot({path:`/tmp/u-${n}.png`, clip:{x:0,y,width:390,height:Math.min(700,990-y)}}); }
await b.close();
