import { object, string } from 'yup'; object({a:string()});
const t=performance.now();
const m = await import('/work/main/contract');
console.log('contract', (performance.now()-t).toFixed(1), Object.keys(m).length);
