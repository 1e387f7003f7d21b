import { test as base, type Page } from '@playwright/test';
import { startServer, type TestServer } from '../server/testing';

interface Workers {
  /** with the demo, as it stands on 23 November 2026 */
  demoServer: TestServer;
  /** without figures, on 15 July 2026 */
  emptyServer: TestServer;
}

/** Pages that must not log errors, and servers of their own. */
export const test = base.extend<{ quietPage: Page }, Workers>({
  demoServer: [
    async ({}, use) => {
      const server = await startServer({ demo: true, env: { STAND_MARK_TODAY: '2026-11-23' } });
      await use(server);
      await server.stop();
    },
    { scope: 'worker', timeout: 60_000 },
  ],
  emptyServer: [
    async ({}, use) => {
      const server = await startServer({ env: { STAND_MARK_TODAY: '2026-07-15' } });
      await use(server);
      await server.stop();
    },
    { scope: 'worker', timeout: 60_000 },
  ],
  quietPage: async ({ page }, use) => {
    const errors: string[] = [];
    page.on('pageerror', (error) => errors.push(String(error)));
    await use(page);
    base.expect(errors).toEqual([]);
  },
});

export { expect } from '@playwright/test';
