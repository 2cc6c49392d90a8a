import { chromium } from '@playwright/test';
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox','--disable-gpu'] });
const ctx = await b.newContext({ viewport:{width:390,height:844}, hasTouch:true, reducedMotion:'reduce', serviceWorkers:'block' });
const page = await ctx.newPage();
const base='http://localhost:4555';
await page.goto(base); await page.getByRole('button',{name:'Open the demo studio'}).click(); await page.getByRole('heading',{name:'Today',level:1}).waitFor();
for (const [id,n] of [['adductor-rock','a'],['lateral-squat-hold','b']]) { await page.goto(base+'/moves/'+id); await page.waitForTimeout(2500); await page.screenshot({path:`/tmp/s-${n}.png`}); }
await b.close();
