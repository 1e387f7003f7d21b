import { csvRows } from '/work/main/server/sources/csvRows';
const N=200_000;
const reg=['Day,Fares,Route',...Array.from({length:N},(_,i)=>`2026-01-05,${i},R${i%7}`)].join('\n');
const rag=['Day,Fares,Route',...Array.from({length:N},(_,i)=>i%2?`2026-01-05,${i}`:`2026-01-05,${i},R${i%7},x`)].join('\n');
const run=async(t:string)=>{const b=performance.now();let n=0;for await(const r of csvRows(async function*(){const buf=Buffer.from(t);for(let i=0;i<buf.length;i+=1<<20) yield buf.subarray(i,i+(1<<20));},'utf-8',',')) n+=r.length;return [n,(performance.now()-b).toFixed(0)]};
console.log(await run(reg),await run(rag),await run(reg),await run(rag));
