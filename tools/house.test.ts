import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join, resolve } from 'node:path';

const house = resolve(__dirname, '..');
const place = mkdtempSync(join(tmpdir(), 'stand-mark-house-'));
afterAll(() => rmSync(place, { recursive: true, force: true }));

/** Runs a program of the packages, and gives what it prints. */
const said = (program: string, args: string[], cwd: string, input = '') =>
  spawnSync(process.execPath, [join(house, 'node_modules', program), ...args], {
    cwd,
    input,
    encoding: 'utf8',
  }).stdout;

/** A small house whose rooms are named as those of this one, with an import the wrong way from each. */
const planted = {
  'core/calendar/index.ts': 'export const week = 7;',
  'core/calendar/civil.ts': 'export const day = 1;',
  'core/reading/index.ts': 'export interface Reading { day: number }',
  'core/reading/one.ts': "import type { Two } from './two'; export type One = Two | 1;",
  'core/reading/two.ts': "import type { One } from './one'; export type Two = One;",
  'core/reading/drawn.ts': "export { shade } from '../../web/look';",
  'core/reading/stored.ts': "export { readFileSync } from 'node:fs';",
  'core/yardsticks/edges/number.ts': 'export const edge = 1;',
  'core/yardsticks/kinds/early.ts':
    "import type { Reading } from '../../reading'; export type Found = Reading;",
  'core/yardsticks/kinds/inside.ts': "export { day } from '../../calendar/civil';",
  'core/yardsticks/kinds/beside.ts': "export { edge } from '../edges/number';",
  'core/yardsticks/kinds/sound.ts': "export { week } from '../../calendar';",
  'web/look/index.ts': "export { week as shade } from '../../core/calendar';",
  'web/plot/behind.ts': "export { day } from '../../core/calendar/civil';",
};

it('finds every import that goes the wrong way, of types too, and no other', () => {
  for (const [name, text] of Object.entries(planted)) {
    mkdirSync(dirname(join(place, name)), { recursive: true });
    writeFileSync(join(place, name), text);
  }
  for (const name of ['node_modules', 'tsconfig.json'])
    symlinkSync(join(house, name), join(place, name));
  const config = join(house, '.dependency-cruiser.mjs');
  const program = 'dependency-cruiser/bin/dependency-cruise.mjs';
  const found = said(program, ['--config', config, 'core', 'web'], place).matchAll(
    /error ([\w-]+): \S*\/(\w+)\.ts/g,
  );
  expect([...found].map(([, rule, file]) => `${file}: ${rule}`).sort()).toEqual([
    'behind: core-by-its-doors',
    'beside: rooms-by-their-doors',
    'drawn: core-knows',
    'early: core-yardsticks',
    'inside: neighbours-by-their-doors',
    'one: no-circle',
    'stored: core-anywhere',
  ]);
});

/** The lines of a text in which a rule against what is written finds something. */
function linesFound(text: string, as: string): number[] {
  const place = ['--stdin', '--stdin-filename', as, '--format', 'json'];
  // What is written is looked at, not its types: they take a while.
  const untyped = ['--parser-options', 'projectService:false'];
  const args = [...place, ...untyped, '--rule', '@typescript-eslint/no-floating-promises: off'];
  const [file] = JSON.parse(said('eslint/bin/eslint.js', args, house, text)) as {
    messages: { line: number; ruleId: string }[];
  }[];
  return (file?.messages ?? [])
    .filter(({ ruleId }) => ruleId === 'no-restricted-syntax')
    .map(({ line }) => line);
}

it('finds controls that are not of the library, tables outside of the figures, and menus', () => {
  const text = `
    export const Field = () => <label>Name</label>;
    export const Choice = () => <select />;
    export const Line = () => <input />;
    export const Window = () => <dialog />;
    export const Table = () => <table />;
    export const Press = () => <button type="button" />;
    export const Menu = () => <div role="menu" />;
  `;
  expect(linesFound(text, 'web/look/Pennant.tsx')).toEqual([3, 4, 5, 6, 7, 8]);
  expect(linesFound(text, 'web/figures/FiguresTable.tsx')).toEqual([3, 4, 5, 8]);
  expect(linesFound(text, 'web/plot/EndLabels.tsx')).toEqual([3, 4, 5, 6, 8]);
});

it('finds literals that are spread into literals', () => {
  const text = `
    const [a, b] = [1, 2];
    export const plain = { a, ...(b > 1 && { b }), list: [a, ...Object.values({ b })] };
    export const object = { a, ...{ b } };
    export const list = [a, ...[b]];
  `;
  expect(linesFound(text, 'tools/planted.mjs')).toEqual([4, 5]);
});
