// @ts-check
/** @type {import('jest').Config} */
const shared = {
  transform: {
    '\\.m?[jt]sx?$': [
      '@swc/jest',
      {
        jsc: { parser: { syntax: 'typescript', tsx: true }, target: 'es2022' },
        module: { type: 'commonjs' },
      },
    ],
  },
  // These packages ship as ES modules only.
  transformIgnorePatterns: [
    '/node_modules/(?!(temporal-polyfill|temporal-utils|hyparquet|hyparquet-writer|hyparquet-compressors|hysnappy|fzstd|lru-cache)/)',
  ],
};

export default {
  // A busy machine is slow to start servers and workers; nothing here tests speed.
  testTimeout: 240_000,
  // More at once would upset what is tested of moments and leases.
  maxWorkers: 2,
  projects: [
    {
      ...shared,
      displayName: 'core',
      testMatch: ['core', 'contract'].map((folder) => `<rootDir>/${folder}/**/*.test.ts`),
    },
    { ...shared, displayName: 'web', testMatch: ['<rootDir>/web/**/*.test.ts'] },
    {
      ...shared,
      displayName: 'server',
      setupFilesAfterEnv: ['<rootDir>/server/testing/leaveNothingRunning.ts'],
      testMatch: ['server', 'demo', 'tools'].map((folder) => `<rootDir>/${folder}/**/*.test.ts`),
    },
    {
      ...shared,
      displayName: 'cluster',
      setupFilesAfterEnv: ['<rootDir>/server/testing/leaveNothingRunning.ts'],
      testMatch: ['<rootDir>/cluster/**/*.test.ts'],
    },
  ],
};
