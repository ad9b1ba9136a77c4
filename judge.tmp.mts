import { learn } from '@/core/lesson/learning/learn';
import { knownPlayer, golferWith, skilled, twoHits, loggedBy, AS_USUAL, CLEAN, AS_THE_SKILL } from '@/core/testing/otherPlayers';
const players=Number(process.argv[2]??40);
for (const skill of (process.argv[4]??"middle,expert,beginner").split(",") as any) for (const n of (process.argv[3]??"6,12,30,100").split(",").map(Number)) {
  const g=skilled(skill); const hits=twoHits(g); const c=[0,0,0,0,0,0]; const err=[0,0,0,0,0,0]; const wid=[0,0,0,0,0,0]; let ms=0, ch=0;
  for(let k=0;k<players;k++){ const known=knownPlayer(1000+k*7+n); const b=loggedBy(golferWith(g,known),hits,n,500+k,AS_USUAL); const t=performance.now(); const l=learn(b,g,k); ms+=performance.now()-t; if(l.changed) ch++;
   const es=[l.mark.after.bias,l.mark.after.spread,l.distance.after.bias,l.distance.after.spread,l.direction.after.bias,l.direction.after.spread];
   const tr=[known.mark,known.markScale*l.mark.before.spread,known.distance,known.distanceScale*l.distance.before.spread,known.aim,known.aimScale*l.direction.before.spread];
   es.forEach((e,i)=>{ if(e.low<=tr[i]&&tr[i]<=e.high) c[i]++; err[i]+=e.mean-tr[i]; wid[i]+=e.high-e.low; });
  }
  console.log(skill,n,'cover',c.map(x=>Math.round(x/players*100)).join(' '),'bias',err.map(x=>(x/players).toFixed(4)).join(' '),'width',wid.map(x=>(x/players).toFixed(3)).join(' '),'ms',Math.round(ms/players),'changed',ch);
}
