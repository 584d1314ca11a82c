import { planRequestSchema } from '../../src/lib/io/contract/plan';
import { answer } from './answer';
for (let i=0;i<12;i++) { const t=performance.now(); await answer(planRequestSchema.parse({ situation: { lie: 'fairway', toEdge: 3+i/4, edgeToPin: 9, slopeAcross: 2, beyondPin: 8, stimpFeet: 10, fringe:'grainy' }, player: { skill: 'middle' }, samples: 800, seed: 1 })); console.log((performance.now()-t).toFixed(0)); }
