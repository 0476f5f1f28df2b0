import { chromium } from '@playwright/test';
const [, , out, path, w='1280', h='800', js=''] = process.argv;
const b = await chromium.launch({ executablePath:'/usr/bin/chromium', args:['--no-sandbox','--disable-quic','--no-first-run','--disable-background-networking','--disable-component-update','--disable-sync','--use-gl=angle','--use-angle=swiftshader'] });
const c = await b.newContext({ viewport:{width:+w,height:+h}, locale:'en-GB' }); const p = await c.newPage();
await p.goto('http://localhost:4555/'); await p.getByRole('heading',{name:'Entrance steps'}).waitFor();
await p.goto('http://localhost:4555'+path); await p.waitForTimeout(6000);
if(js) { await eval('(async()=>{'+js+'})()'); await p.waitForTimeout(2500); }
await p.screenshot({path:out}); await b.close();
