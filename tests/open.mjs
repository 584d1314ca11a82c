import { chromium } from '/work/main/node_modules/playwright-core/index.mjs';
for(let k=0;k<3;k++){
const b=await chromium.launch({executablePath:'/usr/bin/chromium',args:['--no-sandbox']});
const page=await b.newPage({viewport:{width:1280,height:800}});
const time=async(what,go)=>{const t=Date.now(); await go(); const nav=Date.now()-t; await page.waitForFunction(()=>document.querySelector('h1,header')); const frame=Date.now()-t; await page.waitForFunction(()=>/\w+/.test(document.querySelector('[data-testid=call]')?.innerText??''),null,{polling:30}); const call=Date.now()-t; await page.waitForFunction(()=>document.querySelector('[data-testid=call]')?.dataset.status==='ready',null,{polling:30}).catch(()=>{}); console.log(what,'dom',nav,'frame',frame,'call',call,'ready',Date.now()-t)};
await time('fresh demo',()=>page.goto('http://127.0.0.1:4300/',{waitUntil:'commit'}));
await page.waitForTimeout(3000);
await time('reload',()=>page.reload({waitUntil:'commit'}));
await time('reload2',()=>page.reload({waitUntil:'commit'}));
await b.close(); }
