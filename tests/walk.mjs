import { chromium } from '@playwright/test';
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const p = await b.newPage({ viewport: { width: 1280, height: 800 } });
p.on('console', m => { if (m.type() === 'error') console.log('ERR', m.text()); });
for (let i = 1; i <= 19; i++) {
  await p.goto(`http://127.0.0.1:4300/?shot=demo-${i}`); 
  await p.waitForTimeout(1500);
  await p.locator('body').press('w');
  try { await p.getByRole('heading', { name: 'Why this one' }).waitFor({ timeout: 20000 }); } catch { console.log(i, 'no why'); }
  await p.waitForTimeout(400);
  const t = await p.title();
  const why = await p.$$eval('h2', hs => { const h = hs.find(x => x.textContent.startsWith('Why this one')); return h ? [...h.nextElementSibling.querySelectorAll('li')].map(l => l.textContent.trim()) : []; });
  console.log(`\n## demo-${i}`, t); why.forEach(w => console.log('  ', w));
}
await b.close();
