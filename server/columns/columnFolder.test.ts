import { mkdtemp, readdir, readFile, rm, utimes, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ColumnFolder, hashOf } from './columnFolder';

let folder: string;
beforeEach(async () => {
  folder = await mkdtemp(join(tmpdir(), 'stand-mark-columns-'));
});
afterEach(() => rm(folder, { recursive: true, force: true }));

const content = (letter: string, bytes = 100) => Buffer.alloc(bytes, letter);
const hashes = ['a', 'b', 'c'].map((letter) => hashOf(content(letter)));
const names = async () => (await readdir(folder)).sort();
const pathOf = (hash: string) => join(folder, `${hash}.parquet`);

/** Used so many minutes ago. */
const usedBefore = (hash: string, minutes: number) => {
  const then = new Date(Date.now() - minutes * 60_000);
  return utimes(pathOf(hash), then, then);
};

it('keeps what it is given, and lets what was used longest ago go', async () => {
  const files = new ColumnFolder(folder, 250);
  const [a = '', b = '', c = ''] = hashes;
  await files.keep(a, content('a'));
  await files.keep(b, content('b'));
  await usedBefore(a, 2);
  await usedBefore(b, 1);
  // Used again, it is not the oldest any more.
  expect(await files.has(a)).toBe(true);
  await files.keep(c, content('c'));
  expect(await names()).toEqual([a, c].map((hash) => `${hash}.parquet`).sort());
  expect(await readFile(pathOf(a))).toEqual(content('a'));
});

it('uses nothing that is not what its name says, whoever wrote it', async () => {
  const files = new ColumnFolder(folder, 1e6);
  const [a = '', b = ''] = hashes;
  await files.keep(a, content('a'));
  await writeFile(pathOf(a), content('x', 99));
  await writeFile(pathOf(b), content('x'));
  expect([await files.has(a), await files.has(b), await files.has('gone')]).toEqual([
    false,
    false,
    false,
  ]);
  expect(await names()).toEqual([]);
  await files.keep(a, content('a'));
  expect(await new ColumnFolder(folder, 1e6).has(a)).toBe(true);
  await rm(folder, { recursive: true });
  expect(await files.has(a)).toBe(false);
  await files.keep(a, content('a'));
  expect(await files.has(a)).toBe(true);
});

it('leaves what others write now, and removes what nobody writes any more', async () => {
  const files = new ColumnFolder(folder, 250);
  const [a = ''] = hashes;
  const [now, left] = [await files.freshPath(), await files.freshPath()];
  await writeFile(now, content('n', 500));
  await writeFile(left, content('l'));
  const yesterday = new Date(Date.now() - 86_400_000);
  await utimes(left, yesterday, yesterday);
  await files.keep(a, content('a'));
  expect((await names()).map((name) => join(folder, name))).toEqual([pathOf(a), now].sort());
});
