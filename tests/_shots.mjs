import { chromium } from 'playwright-core';
const A='http://127.0.0.1:4300';
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args:['--no-sandbox'] });
const p = await (await b.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
p.on('pageerror', e => console.log('ERR', e.message));
await p.goto(A + '/practice'); await p.waitForTimeout(4000);
await p.getByRole('tab', { name: /Sessions/ }).click().catch(()=>{});
await p.waitForTimeout(800);
const links = await p.locator('tbody a').evaluateAll(as => as.map(a => a.textContent + ' ' + a.getAttribute('href')));
console.log(links.slice(0,8));
await p.locator('tbody a').first().click(); await p.waitForTimeout(2500);
await p.screenshot({ path: '/tmp/s1.png', fullPage: true });
const btn = p.getByRole('button', { name: /Note (it|them) in the log/ });
console.log('btn', await btn.count());
if (await btn.count()) { await btn.click(); await p.waitForTimeout(2000); await p.screenshot({ path: '/tmp/s2.png', fullPage: true });
 await p.getByRole('link', { name: 'Log', exact: true }).last().click(); await p.waitForTimeout(2500); await p.screenshot({ path: '/tmp/s3.png' }); }
await b.close();
