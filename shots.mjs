import { chromium } from '@playwright/test';
import fs from 'fs';
fs.mkdirSync('/tmp/shots',{recursive:true});
const b = await chromium.launch({ executablePath:'/usr/bin/chromium', args:['--no-sandbox'] });
const steps = JSON.parse(process.argv[2]);
const wide = process.argv[3]==='wide';
const ctx = await b.newContext({ viewport: wide?{width:1280,height:800}:{width:390,height:844}, hasTouch:!wide, colorScheme: process.argv[4]||'light', permissions:[] });
const p = await ctx.newPage();
p.on('console', m=>{ if(['error','warning'].includes(m.type())) console.log('CONSOLE',m.text().slice(0,200)); });
p.on('pageerror', e=>console.log('PAGEERR',e.message.slice(0,300)));
await p.goto('http://localhost:4555/');
await p.getByRole('button',{name:/demo|look around/i}).first().click({timeout:20000}).catch(()=>{});
await p.waitForTimeout(1500);
for (const s of steps) {
  try {
    if (s.go) { await p.goto('http://localhost:4555'+s.go); await p.waitForTimeout(s.wait??1800); }
    if (s.click) { await p.getByRole(s.role??'button',{name:new RegExp(s.click,'i')}).nth(s.nth??0).click({timeout:6000}); await p.waitForTimeout(s.wait??700); }
    if (s.key) { await p.keyboard.press(s.key); await p.waitForTimeout(400); }
    if (s.fill) { await p.getByLabel(new RegExp(s.fill,'i')).first().fill(s.value); }
    if (s.scroll) { await p.evaluate(y=>{ for (const e of document.querySelectorAll('*')) if (e.scrollHeight>e.clientHeight+50 && getComputedStyle(e).overflowY!=='visible' && getComputedStyle(e).overflowY!=='hidden') e.scrollTop=y; }, s.scroll); await p.waitForTimeout(300); }
    if (s.full) { const h = await p.evaluate(()=>{let m=0; for (const e of document.querySelectorAll('*')) if (getComputedStyle(e).overflowY==='auto'||getComputedStyle(e).overflowY==='scroll') m=Math.max(m,e.scrollHeight); return m;}); await p.setViewportSize({width:wide?1280:390,height:Math.min(3200,h+140)}); await p.waitForTimeout(600); }
    if (s.shot) await p.screenshot({path:`/tmp/shots/${s.shot}.png`});
    if (s.text) console.log((await p.locator('[role=main]').last().innerText()).slice(0,s.text));
    if (s.log) console.log(await p.evaluate(s.log));
  } catch (e) { console.log('STEP FAILED',JSON.stringify(s),e.message.slice(0,300)); await p.screenshot({path:`/tmp/shots/failed.png`}); }
}
await b.close();
