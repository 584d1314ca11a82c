import { chromium } from '/work/main/node_modules/playwright-core/index.mjs';
import { writeFileSync } from 'node:fs';
const b=await chromium.launch({executablePath:'/usr/bin/chromium',args:['--no-sandbox']});
const page=await b.newPage({viewport:{width:1280,height:800}});
const A='http://localhost:4321';
await page.goto(A+'/data'); await page.waitForTimeout(2000);
await page.getByLabel('Read an archive').setInputFiles('/tmp/crisp-landing-many.json');
await page.getByRole('button',{name:'Take it in'}).click({timeout:60000}); await page.getByText(/^Imported/).waitFor({timeout:60000});
const cdp=await page.context().newCDPSession(page);
for(const path of process.argv.slice(2)){
 await cdp.send('Profiler.enable'); await cdp.send('Profiler.setSamplingInterval',{interval:500}); await cdp.send('Profiler.start');
 await page.goto(A+path); await page.waitForTimeout(3000);
 const {profile}=await cdp.send('Profiler.stop');
 const self=new Map(); const byId=new Map(profile.nodes.map(n=>[n.id,n])); 
 const total=new Map(); const parent=new Map(); for(const n of profile.nodes) for(const c of n.children??[]) parent.set(c,n.id);
 const dt=profile.timeDeltas; profile.samples.forEach((id,i)=>{ const d=dt[i]/1000; const n=byId.get(id); const k=n.callFrame.functionName+' '+n.callFrame.url.split('/').pop()+':'+n.callFrame.lineNumber+':'+n.callFrame.columnNumber; self.set(k,(self.get(k)??0)+d); const seen=new Set(); let c=id; while(c){const f=byId.get(c).callFrame; const kk=f.functionName+' '+f.url.split('/').pop()+':'+f.columnNumber; if(!seen.has(kk)){seen.add(kk); total.set(kk,(total.get(kk)??0)+d);} c=parent.get(c);} });
 console.log('==',path,'self'); for(const [k,v] of [...self].sort((a,b)=>b[1]-a[1]).slice(0,14)) console.log(v.toFixed(0).padStart(6),k);
 console.log('   total'); for(const [k,v] of [...total].sort((a,b)=>b[1]-a[1]).slice(0,30)) console.log(v.toFixed(0).padStart(6),k);
}
await b.close();
