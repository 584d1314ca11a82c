import { chromium } from '/work/main/node_modules/playwright-core/index.mjs';
const b=await chromium.launch({executablePath:'/usr/bin/chromium',args:['--no-sandbox']});
const page=await b.newPage({viewport:{width:1280,height:800}});
await page.goto('http://127.0.0.1:4300/practice/drill/landing-box'); await page.waitForTimeout(3000);
await page.locator('main button',{hasText:/^\s*(Start|Hit)/}).first().click(); await page.waitForTimeout(2500);
const svg=page.locator('main svg').first(); const box=await svg.boundingBox(); console.log(page.url(),box, (await page.locator('main').innerText()).slice(0,200).replace(/\n/g,' '));
const id=page.url().split('/').pop();
await page.screenshot({path:'/tmp/run.png'});
await page.evaluate(id=>new Promise(r=>{const q=indexedDB.open('crisp-landing');q.onsuccess=()=>{const t=q.result.transaction('sessions','readwrite');const st=t.objectStore('sessions');const g=st.get(id);g.onsuccess=()=>{const s=g.result; for(const u of s.turns) for(const k of u.tasks) k.balls=60; st.put(s)};t.oncomplete=r}}),id); await page.reload(); await page.waitForTimeout(2500);
const N=Number(process.argv[2]??100); const t=Date.now();
for(let i=0;i<N;i++){ await page.mouse.click(box.x+box.width/2, box.y+box.height*0.6); await page.mouse.click(box.x+box.width/2+8, box.y+box.height*0.3); }
console.log('ms per pair',(Date.now()-t)/N);
await page.waitForTimeout(1500);
const n=await page.evaluate(id=>new Promise(r=>{const q=indexedDB.open('crisp-landing');q.onsuccess=()=>{const g=q.result.transaction('balls').objectStore('balls').index('sessionId').count(id);g.onsuccess=()=>r(g.result)}}),id);
console.log('stored',n,'of',N, (await page.locator('main').innerText()).replace(/\n/g,' ').slice(0,400));
await page.screenshot({path:'/tmp/run2.png'});
await b.close();
