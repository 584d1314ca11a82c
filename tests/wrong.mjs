import { chromium } from '/work/main/node_modules/playwright-core/index.mjs';
const b = await chromium.launch({executablePath:'/usr/bin/chromium',args:['--no-sandbox']});
const page = await b.newPage({viewport:{width:1280,height:800}});
const errors=[];
page.on('pageerror',e=>errors.push(String(e).slice(0,300)));
page.on('console',m=>{if(m.type()==='error')errors.push(m.text().slice(0,300))});
const A=process.env.ADDRESS;
await page.goto(A+'/saved');
await page.waitForTimeout(2500);
const counts = await page.evaluate(async()=>{
  const db = await new Promise((res,rej)=>{const r=indexedDB.open('crisp-landing');r.onsuccess=()=>res(r.result);r.onerror=()=>rej(r.error)});
  const TABLES=['pupils','clubs','balls','sessions','drills','homework','shots','greens','readings'];
  const ODD=[null,'yesterday',-1,1e308,[]];
  const out={};
  for(const t of TABLES){
    const rows=await new Promise(r=>{const q=db.transaction(t).objectStore(t).getAll();q.onsuccess=()=>r(q.result)});
    if(rows.length===0){out[t]=0;continue}
    const base=rows.reduce((a,c)=>Object.keys(c).length>Object.keys(a).length?c:a);
    const tx=db.transaction(t,'readwrite');const st=tx.objectStore(t);let n=0;
    const paths=[];
    const walk=(v,p,d)=>{ if(p.length) paths.push(p); if(d<4&&v&&typeof v==='object') for(const k of Array.isArray(v)?(v.length?['0']:[]):Object.keys(v)) walk(v[k],[...p,k],d+1) };
    walk(base,[],0);
    for(const p of paths){ if(p[0]==='id')continue;
      for(const [i,o] of ODD.entries()){ const c=structuredClone(base); let h=c; for(const k of p.slice(0,-1)) h=h[k]; h[p.at(-1)]=o; c.id=`wrong-${p.join('-')}-${i}`.replaceAll(/[^\w-]/g,''); try{ st.put(c); n++; (globalThis.__ids??={}); (globalThis.__ids[t]??=[]).push(c.id)}catch(e){} }
    }
    await new Promise(r=>{tx.oncomplete=r;tx.onerror=r;tx.onabort=r});
    out[t]=n;
  }
  globalThis.__out=out; return [out, globalThis.__ids];
});
console.log(counts[0]); const ids=counts[1];
for(const path of ['/','/greens','/practice','/bag','/ratios','/rule','/pupils','/saved','/data','/handbook','/greens/green-kiln','/pupils/pupil-pell']){
  errors.length=0;
  await page.goto(A+path); await page.waitForTimeout(3500);
  const text=(await page.locator('main').innerText()).replace(/\s+/g,' ').slice(0,160);
  console.log(path, JSON.stringify(text)); for(const e of errors.slice(0,4)) console.log('   !',e);
}

const pick=(l,n)=>l.filter((_,i)=>i%Math.ceil(l.length/n)===0);
let bad=0;
for(const [t,route] of [['greens','/greens/'],['sessions','/practice/'],['pupils','/pupils/'],['homework','/homework/'],['shots','/?shot=']]){
 for(const id of process.env.ALL?ids[t]:pick(ids[t],25)){
  errors.length=0; await page.goto(A+route+id); await page.waitForTimeout(900);
  const text=(await page.locator('main').innerText().catch(()=>'')).replace(/\s+/g,' ').slice(0,100);
  if(errors.length||text.length<20){bad++;console.log(route+id,JSON.stringify(text));for(const e of errors.slice(0,2))console.log('   !',e)}
 }}
console.log('bad',bad);
await b.close();
