// @ts-check

/** Folders of core, in the order in which they may import: each only from those before it. */
const coreOrder = [
  'registry',
  'values',
  'statistics',
  'calendar',
  'formula',
  'labels',
  'sentences',
  'table',
  'preparation',
  'frame',
  'measures',
  'origins',
  'axis',
  'derived',
  'gaps',
  'arrangements',
  'dials',
  'emphasis',
  'yardsticks',
  'conditions',
  'standouts',
  'chart',
  'figures',
  'editing',
  'text',
  'narrowing',
  'paths',
  'series',
  'rules',
  'spells',
  'pace',
  'notes',
  'reading',
];

/** What each part of the house may not import. */
const closed = {
  core: ['contract', 'server', 'web', 'demo', 'tools'],
  contract: ['server', 'web', 'demo', 'tools'],
  server: ['web', 'tools'],
  web: ['server', 'demo', 'tools'],
  demo: ['contract', 'server', 'web', 'tools'],
};
const house = Object.keys(closed).join('|');
const tests = '\\.test\\.tsx?$';
const door = 'index\\.tsx?$';

/**
 * @param {string} name
 * @param {string} comment
 * @param {import('dependency-cruiser').IForbiddenRuleType['from']} from
 * @param {import('dependency-cruiser').IForbiddenRuleType['to']} to
 */
const forbid = (name, comment, from, to) => ({
  name,
  comment,
  from,
  to,
  severity: /** @type {const} */ ('error'),
});

/** Which way imports go in the house. @type {import('dependency-cruiser').IConfiguration} */
export default {
  forbidden: [
    forbid('no-circle', 'Move what both need into a file of its own.', {}, { circular: true }),
    ...Object.entries(closed).map(([part, others]) =>
      forbid(
        `${part}-knows`,
        `${part} may not know this part of the house.`,
        { path: `^${part}/`, pathNot: `^core/.*${tests}` },
        { path: `^(${others.join('|')})/` },
      ),
    ),
    ...coreOrder
      .slice(0, -1)
      .map((folder, place) =>
        forbid(
          `core-${folder}`,
          `${folder} comes before this folder in core.`,
          { path: `^core/${folder}/`, pathNot: tests },
          { path: `^core/(${coreOrder.slice(place + 1).join('|')})/` },
        ),
      ),
    forbid(
      'core-alone',
      'core is TypeScript only.',
      { path: '^core/', pathNot: tests },
      {
        path: 'node_modules/(react|react-dom|antd|plotly[^/]*|express|mysql2|drizzle-orm)/',
      },
    ),
    forbid(
      'core-anywhere',
      'core runs in browsers as well.',
      { path: '^core/', pathNot: tests },
      { dependencyTypes: ['core'] },
    ),
    forbid(
      'core-by-its-doors',
      'Use the door of the folder: its index.',
      // The kinds and longer lists of the second build stand where those of core do.
      { pathNot: '^(core|e2e/moreKinds)/' },
      { path: '^core/[^/]+/', pathNot: `^core/[^/]+/${door}|\\.json$` },
    ),
    forbid(
      'neighbours-by-their-doors',
      'Use the door of the neighbouring folder: its index.',
      { path: `^(${house})/([^/]+)/`, pathNot: `^core/.*${tests}` },
      { path: '^$1/(?!$2/)[^/]+/', pathNot: `^$1/[^/]+/${door}|\\.(css|json)$` },
    ),
    forbid(
      'rooms-by-their-doors',
      'Use the door of the neighbouring folder: its index.',
      { path: `^((?:${house})/[^/]+)/([^/]+)/`, pathNot: `^core/.*${tests}` },
      { path: '^$1/(?!$2/)[^/]+/', pathNot: `^$1/[^/]+/${door}|\\.(css|json)$` },
    ),
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '^(dist|server/database/migrations)/|^\\.' },
    // Imports of types alone are imports.
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
  },
};
