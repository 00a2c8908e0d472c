import '../src/core/fence/dense-inverse';
import { samphireYard } from '../demo/samphire-yard';
import { tamarackBank } from '../demo/tamarack-bank';
import { attributes } from '../src/core/attributes';
import { applyReadings } from '../src/core/records/apply-readings';
import { setAttribute } from '../src/core/records/set-attribute';
import { couldChange } from '../src/core/settle/could-change';
import { endsOf } from '../src/core/settle/ends';
import { questionsOf } from '../src/core/walk/questions';
import { quickAnswer } from '../src/core/walk/quick-answer';
const day={date:'2026-11-26'};
let seed=Number(process.env.S??7); const rnd=()=>{seed=(seed*1103515245+12345)%2147483648; return seed/2147483648;};
const N=Number(process.env.N??10);
let trials=0,bad=0,folds=0,viol=0; const by:Record<string,number>={}; let ms=0;
for (const file of [samphireYard,tamarackBank]) {
  const full=applyReadings(file.place,file.walks).place;
  const truth=new Map(questionsOf(full).map((q:any)=>[q.id,q]));
  const known=questionsOf(full).filter((q:any)=>endsOf(q.attribute)&&q.known&&!('any' in q.known));
  for (let t=0;t<N;t++){
    const share=0.05+0.9*rnd();
    let p:any=full;
    const val=new Map<string,any>();
    for(const q of known) if(rnd()<share){ val.set(q.id,q.known); p=setAttribute(p,q.item,q.attribute,{any:true} as any); }
    const t0=performance.now(); const c=couldChange(p,day); ms+=performance.now()-t0;
    const F=new Set(c.folded.map(q=>q.id)); if(F.size===0) continue;
    folds+=F.size;
    for(let r=0;r<4;r++){
      let pr:any=p;
      for(const q of c.matters){
        const e=endsOf(q.attribute); if(!e) continue;
        const x=rnd();
        const v= x<0.5? (val.get(q.id)??quickAnswer(p,q)??e.best) : x<0.85? (quickAnswer(p,q)??e.best) : x<0.95? e.worst : null;
        if(v&&v!=='cannot-tell') pr=setAttribute(pr,q.item,q.attribute,v as any);
      }
      const m=couldChange(pr,day).matters.filter(q=>F.has(q.id));
      trials++; if(m.length) bad++;
      viol+=m.length; for(const q of m) by[q.attribute]=(by[q.attribute]??0)+1;
    }
  }
}
console.log({trials,bad,folds,viol,ms:Math.round(ms),by});
