import { chromium } from '/work/main/node_modules/playwright-core/index.mjs';
const b=await chromium.launch({executablePath:'/usr/bin/chromium',args:['--no-sandbox']});
const page=await b.newPage({viewport:{width:1280,height:800}});
await page.addInitScript(()=>{ Object.defineProperty(globalThis,'indexedDB',{value:undefined}); });
const errors=[]; page.on('pageerror',e=>errors.push(String(e).slice(0,200)));
for(const path of ['/','/greens','/practice','/bag','/ratios','/rule','/pupils','/saved','/data','/handbook','/greens/x','/pupils/x','/practice/x','/homework/x','/practice/drill/landing-box','/?new']){
 errors.length=0; await page.goto('http://127.0.0.1:4300'+path); await page.waitForTimeout(2500);
 const t=(await page.locator('body').innerText()).replace(/\s+/g,' ');
 console.log('==',path,t.replace(/.*Save what is stored/,"").slice(0,330)); for(const e of errors.slice(0,3)) console.log('   !',e);
}
await b.close();
