import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { residentBytes, secondsAtWork } from './processUse';

/** A process that does some work and then waits. @returns how long it was at work, by its own account */
async function worker(name: string, work: string) {
  const program = `process.title = '${name}'; ${work};
    console.log(process.cpuUsage().user + process.cpuUsage().system); setInterval(() => {}, 1000)`;
  const child = spawn(process.execPath, ['-e', program], { stdio: ['ignore', 'pipe', 'inherit'] });
  const [told] = (await once(child.stdout, 'data')) as [Buffer];
  return { child, seconds: Number(String(told)) / 1e6 };
}

it.each([
  ['that works', 'plain', 'for (let i = 0; i < 4e8; i += 1) Math.sqrt(i)'],
  [
    'with a name like a list of fields',
    'a ) 1 (2',
    'for (let i = 0; i < 4e8; i += 1) Math.sqrt(i)',
  ],
  ['that waits', 'waiting', 'Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, 1500)'],
])('tells how much a process takes %s', async (_, name, work) => {
  const { child, seconds } = await worker(name, work);
  const counted = secondsAtWork(child.pid);
  expect(Math.abs(counted - seconds)).toBeLessThan(0.1);
  expect(residentBytes(child.pid)).toBeGreaterThan(10e6);
  child.kill('SIGKILL');
  await once(child, 'close');
  expect([secondsAtWork(child.pid), residentBytes(child.pid)]).toEqual([0, 0]);
});
