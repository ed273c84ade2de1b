// @ts-nocheck
import { demoBench } from '../src/core/demo';
import { workedOut } from '../src/core/kit';
import { findingsOf, findingInWords } from '../src/core/judge';
import { rules } from '../src/core/judge/rules';
import { backgroundOf } from '../src/core/judge/background';
import { benchWith, benchToPack } from './kits';
import { timed, row } from './timing';
for (const own of demoBench.loadouts.values()) { const k = workedOut(demoBench, own, '2027-09-20'); console.log('==', own.name);
 for (const f of findingsOf(k)) console.log(f.severity, f.rule, findingInWords(f,k,'metric')); }
for (const n of [150,300]) { const bench=benchWith(n); const kit0=bench.loadouts.get('kit');
 row('findings '+n, timed(()=>{ const k=workedOut(bench,{...kit0},'2026-10-01'); for (const f of findingsOf(k)) findingInWords(f,k,'metric'); },20));
 const times=[]; for (const r of rules) { const k=workedOut(bench,{...kit0},'2026-10-01'); k.ways;k.totals;k.loads; const b=backgroundOf(k); b.need('food'); b.pieces; const t=performance.now(); r.find(k,b); times.push([r.id, performance.now()-t]); }
 times.sort((a,b)=>b[1]-a[1]); console.log(times.slice(0,8).map(([i,t])=>i+' '+t.toFixed(1)).join(', '));
}
