import { plan, movedUp } from './src/core/planning'
import { demoMachines } from './src/demo/machines'
for (const f of demoMachines()) for (const g of f.goals) { const p = plan(f,'untouched',[g.id],{variants:{}}); if(!p.ok) continue
 const up=p.value.up.steps; const now={pose: p.value.down.steps.at(-1)!.pose, tool:null}
 for (let i=0;i<up.length;i++) for (let j=0;j<=up.length;j++) { if(j===i||j===i+1) continue; const m=movedUp(f,up,now,up[i]!.id,up[j]?.id); if(m.is==='possible'&&m.turns.length>0&&m.more>0) { console.log(f.id,g.id,up[i]!.action,'->',up[j]?.action,m.more,JSON.stringify(m.turns.map(t=>[t.step,t.turn?.title]))); i=up.length; break } } }
