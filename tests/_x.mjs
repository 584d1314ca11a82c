import { chromium } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { CHROMIUM } from '../scripts/setup.mjs';
const A='http://127.0.0.1:4302';
const b = await chromium.launch({ executablePath: CHROMIUM, args: ['--no-sandbox','--disable-gpu'] });
const ctx = await b.newContext({ viewport: { width: 1280, height: 800 } });
const p = await ctx.newPage();
const trace = async (what, act) => {
 await b.startTracing(p, { path: '/tmp/x/t.json', categories: ['devtools.timeline','toplevel','v8','blink.user_timing','disabled-by-default-devtools.timeline','disabled-by-default-v8.cpu_profiler'] });
 await act(); await p.waitForTimeout(2500);
 await b.stopTracing();
 const { traceEvents: ev } = JSON.parse(readFileSync('/tmp/x/t.json'));
 const main = ev.filter(e=>e.name==='thread_name'&&e.args.name==='CrRendererMain');
 const pids = new Map(); for (const e of ev) if (e.name==='RunTask' && e.dur>70000 && main.some(m=>m.pid===e.pid&&m.tid===e.tid)) { const k=e.pid+'.'+e.tid; (pids.get(k)??pids.set(k,[]).get(k)).push(e); }
 console.log('==', what);
 for (const tasks of pids.values()) for (const t of tasks.sort((x,y)=>y.dur-x.dur).slice(0,4)) {
  const inside = ev.filter(e=>e.ph==='X'&&e.pid===t.pid&&e.tid===t.tid&&e.ts>=t.ts&&e.ts+e.dur<=t.ts+t.dur&&e!==t);
  const by = {}; for (const e of inside) { const f=(e.args?.data?.functionName??'')+' '+(e.args?.data?.url??'').split('/').pop(); const n=e.name+(e.name==='FunctionCall'||e.name.startsWith('Evaluate')||e.name.startsWith('v8.comp')?' '+f:''); by[n]=(by[n]??0)+e.dur; }
  console.log((t.dur/1000).toFixed(0)+' ms:', Object.entries(by).sort((x,y)=>y[1]-x[1]).slice(0,9).map(([n,d])=>n+' '+(d/1000).toFixed(0)).join(' | '));
  // cpu samples
  const chunks = ev.filter(e=>e.name==='ProfileChunk'&&e.pid===t.pid); const start = ev.find(e=>e.name==='Profile'&&e.pid===t.pid&&e.tid===t.tid);
  if(!start) continue; const nodes=new Map(); let at=start.args.data.startTime; const self={}; const tot={};
  for (const c of chunks.filter(c=>c.id===start.id)) { const d=c.args.data; for (const n of d.cpuProfile?.nodes??[]) nodes.set(n.id,n); const s=d.cpuProfile?.samples??[]; const td=d.timeDeltas??[]; for (let i=0;i<s.length;i++){ at+=td[i]; if(at>=t.ts&&at<=t.ts+t.dur){ let n=nodes.get(s[i]); const nm=n=>(n.callFrame.functionName||'(anon)')+':'+(n.callFrame.url||'').split('/').pop().slice(0,12)+':'+n.callFrame.lineNumber+':'+n.callFrame.columnNumber; self[nm(n)]=(self[nm(n)]??0)+td[i]; const seen=new Set(); while(n){ const k=nm(n); if(!seen.has(k)){seen.add(k); tot[k]=(tot[k]??0)+td[i];} n=nodes.get(n.parent);} } } }
  console.log('   self', Object.entries(self).sort((x,y)=>y[1]-x[1]).slice(0,8).map(([n,d])=>n+' '+(d/1000).toFixed(0)).join(' | '));
  console.log('   total', Object.entries(tot).sort((x,y)=>y[1]-x[1]).slice(2,22).map(([n,d])=>n+' '+(d/1000).toFixed(0)).join(' | '));
 }
};
await p.goto(A+'/data'); await p.waitForTimeout(2500);
await p.getByLabel('Read an archive').setInputFiles('/tmp/crisp-landing-many.json'); await p.getByRole('button', { name: 'Take it in' }).waitFor({ timeout: 60000 });
await trace('take in', async()=>{ await p.getByRole('button', { name: 'Take it in' }).click(); await p.getByText(/^Imported/).waitFor({ timeout: 60000 }); });
for (const a of (process.argv[2]??'/saved,/pupils/pupil-ida,/practice/session-1-x0,/log,/greens/green-ledge').split(',')) await trace(a, async()=>{ await p.goto(A+a); });
await b.close();
