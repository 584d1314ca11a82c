import { planRequestSchema } from '../../src/lib/io/contract/plan';
import { answer } from './answer';
import { createRng } from '../../src/lib/core/math/random';
for (const [n, reach] of [[13,20],[13,60],[13,200],[50,25],[100,25],[200,25],[400,25]] as const) {
 const rng=createRng(3);
 const points=Array.from({length:n},()=>{const x=(rng.uniform()*2-1)*reach, z=(rng.uniform()*2-1)*reach; return [x,z,0.02*x+0.1*Math.sin(z/5)]});
 const t=performance.now();
 const a=await answer(planRequestSchema.parse({ situation: { lie: 'fairway', toEdge: 5, edgeToPin: 10, stimpFeet: 10, survey:{points} }, bag:[{name:'SW',loft:56,bounce:10},{name:'PW',loft:46,bounce:6}], player: { skill: 'middle' }, samples: 20, seed: 1 }));
 console.log(n, reach, (performance.now()-t).toFixed(0), a.plan.options.length);
}
