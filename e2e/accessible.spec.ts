import type { Page } from '@playwright/test';
import axe from 'axe-core';
import { expect, test } from './fixtures';

/** What a checker finds against WCAG 2.2 AA and good practice, of any grade, in a line each. */
async function shutOut(page: Page): Promise<string[]> {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source);
  const violations = await page.evaluate(async () => {
    const results = await (window as unknown as { axe: typeof axe }).axe.run(document, {
      runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'],
      // What it finds well is not told at length.
      resultTypes: ['violations', 'incomplete'],
    });
    return [
      ...results.violations,
      ...results.incomplete.map((each) => ({ ...each, id: `undecided ${each.id}` })),
    ];
  });
  return violations
    .filter(({ id }) => !(id in undecided))
    .flatMap(({ id, nodes }) => nodes.map(({ html }) => `${id}: ${html.slice(0, 160)}`));
}

/** What the checker cannot decide by itself, and why it holds all the same. */
const undecided: Readonly<Record<string, string>> = {
  'undecided color-contrast':
    'Letters of pictures and of tables that scroll stand over others of the page: their colours are held to 4.5:1 by web/look/palette.test.ts.',
  'undecided scrollable-region-focusable':
    'A read-out is reached by the keyboard as soon as it scrolls, a moment after it is laid out.',
};

const goWithin = (page: Page, address: string) =>
  page.evaluate((to) => {
    history.pushState(null, '', to);
    dispatchEvent(new PopStateEvent('popstate'));
  }, address);

/** Goes to a view without loading the page anew; what was open before is closed. */
async function visit(page: Page, address: string) {
  await goWithin(page, '/nowhere');
  await page.getByText('There is nothing at this address').waitFor();
  await goWithin(page, address);
}

const isDrawn = (page: Page) => page.locator('.chart-plot[data-drawn]').first().waitFor();

const views: [view: string, address: string, ready: (page: Page) => Promise<unknown>][] = [
  ['dashboards', '/', (page) => page.getByRole('heading', { name: 'Dashboards' }).waitFor()],
  ['dashboard', '/dashboards/1', isDrawn],
  [
    'a dashboard that is pointed at, with its figures open',
    '/dashboards/1',
    async (page) => {
      await isDrawn(page);
      await page.getByRole('group', { name: /Fares against budget/ }).focus();
      await page.keyboard.press('Home');
      await page.keyboard.press('f');
      await page.getByRole('heading', { name: /^Figures of/ }).waitFor();
    },
  ],
  [
    'a dashboard that is narrowed, with another chart beside the pointer',
    '/dashboards/3?held=2026-03-05&only.dates=16.2026-01-01.2026-06-30',
    async (page) => {
      await isDrawn(page);
      await page.getByRole('region', { name: 'Narrowed to' }).waitFor();
      await page.getByRole('group', { name: /^Passengers and their yearly change/ }).focus();
      await page.keyboard.press('Home');
      await page.getByRole('complementary', { name: /^Beside it/ }).waitFor();
    },
  ],
  [
    'writing a note',
    '/dashboards/1',
    async (page) => {
      await isDrawn(page);
      await page.getByRole('button', { name: 'Edit note 1' }).click();
      await page.getByLabel('What happened, and why').waitFor();
    },
  ],
  [
    'share',
    '/dashboards/1',
    async (page) => {
      await isDrawn(page);
      await page.getByRole('button', { name: 'Share' }).click();
      await page.getByRole('button', { name: 'Make a link' }).click();
      await page.getByRole('button', { name: 'Take the link back' }).first().waitFor();
    },
  ],
  [
    'arranging',
    '/dashboards/1',
    async (page) => {
      await page.getByRole('button', { name: 'Arrange' }).click();
      await page.getByRole('button', { name: /^Move Fares/ }).waitFor();
    },
  ],
  [
    'bench',
    '/dashboards/1/charts/1',
    async (page) => {
      await isDrawn(page);
      await page.getByRole('button', { name: 'Edit Fare revenue' }).click();
    },
  ],
  [
    'bench with a line typed into',
    '/dashboards/1/charts/1',
    async (page) => {
      await isDrawn(page);
      await page.keyboard.press('+');
      await page.keyboard.type('where Fare revenue is ovr');
      await page.keyboard.press('Enter');
      await page.getByRole('alert').waitFor();
    },
  ],
  [
    'bench with its figures as a table',
    '/dashboards/1/charts/2',
    (page) => page.getByRole('region', { name: /^Figures of/ }).waitFor(),
  ],
  [
    'bench with a rule, a standout and the scales opened',
    '/dashboards/3/charts/14',
    async (page) => {
      await isDrawn(page);
      for (const name of ['Colour rules', 'Standouts', 'Dials', 'Scales and names'])
        await page
          .getByRole('region', { name })
          .getByRole('button', { name: /^Edit / })
          .first()
          .click();
      await page.getByRole('button', { name: 'Edit With the dashboard’s other charts' }).click();
    },
  ],
  [
    'bench with rows that can be ticked',
    '/dashboards/1/charts/1',
    async (page) => {
      await isDrawn(page);
      await page.getByRole('combobox', { name: 'Add to Series' }).click();
      await page
        .locator('.ant-select-item-option:visible')
        .getByText(/^rows of .* by their/)
        .first()
        .click();
      await page.getByRole('checkbox').first().waitFor();
    },
  ],
  [
    'what shows at the pointer',
    '/dashboards/3',
    async (page) => {
      await isDrawn(page);
      await page.getByRole('button', { name: 'Change Passengers and their yearly change' }).click();
      await page.getByRole('menuitem', { name: 'Set what shows at its pointer' }).click();
      await page.getByRole('dialog').getByText('Show nothing there').waitFor();
    },
  ],
  [
    'bench with yardsticks that can be moved',
    '/dashboards/3/charts/17',
    (page) => page.getByRole('slider', { name: 'Move Least' }).waitFor(),
  ],
  [
    'dashboard with dials',
    '/dashboards/3',
    async (page) => {
      await page.getByRole('slider', { name: 'Fuel limit' }).waitFor();
      await isDrawn(page);
    },
  ],
  [
    'style of a dashboard',
    '/dashboards/3',
    async (page) => {
      await page.getByRole('button', { name: 'Style' }).click();
      await page.getByRole('dialog', { name: 'Style of this dashboard' }).waitFor();
    },
  ],
  [
    'naming a measure',
    '/sources/1',
    async (page) => {
      await page.getByRole('button', { name: 'Name a measure' }).click();
      await page.getByRole('dialog', { name: /^Name a measure/ }).waitFor();
    },
  ],
  ['account', '/account', (page) => page.getByRole('heading', { name: 'Password' }).waitFor()],
  [
    'what was done',
    '/audit',
    (page) => page.getByRole('table', { name: 'What was done' }).waitFor(),
  ],
  [
    'a new password',
    '/forgotten',
    (page) => page.getByRole('button', { name: 'Send me the link' }).waitFor(),
  ],
  ['sources', '/sources', (page) => page.getByRole('link', { name: 'Sailings' }).waitFor()],
  ['source', '/sources/1', (page) => page.getByRole('heading', { name: 'Versions' }).waitFor()],
  [
    'bring in',
    '/sources/new',
    (page) => page.getByRole('button', { name: 'Choose a file' }).waitFor(),
  ],
  [
    'bring in, with a file understood',
    '/sources/new',
    async (page) => {
      const buffer = Buffer.from('Day,Fares,Route\n2026-01-05,1.5,A\n2026-01-06,x,B\n');
      const file = { name: 'fares.csv', mimeType: 'text/csv', buffer };
      await page.getByLabel('File to bring in').setInputFiles(file);
      await page.getByRole('button', { name: /^Bring in 2 rows/ }).waitFor();
    },
  ],
  [
    'bring in again, with what would change',
    '/sources/2',
    async (page) => {
      await page.getByRole('link', { name: 'Change how this file is read' }).click();
      await page.getByRole('region', { name: 'What would change' }).waitFor();
      await page.getByRole('button', { name: 'Before and after' }).nth(1).click();
    },
  ],
  [
    'typing a table',
    '/sources/4/type',
    (page) => page.getByLabel('Row 2, column 1', { exact: true }).waitFor(),
  ],
];

test('nobody is shut out of signing in', async ({ quietPage: page, demoServer }) => {
  await page.goto(demoServer.origin);
  await page.getByRole('button', { name: 'Enter as Maren, author' }).waitFor();
  expect(await shutOut(page)).toEqual([]);
});

test('nobody is shut out of any view', async ({ quietPage: page, demoServer }) => {
  await page.goto(demoServer.origin);
  await page.getByRole('button', { name: 'Enter as Maren, author' }).click();
  await page.getByRole('heading', { name: 'Dashboards' }).waitFor();
  for (const [view, address, ready] of views)
    await test.step(view, async () => {
      await visit(page, address);
      await ready(page);
      expect.soft(await shutOut(page)).toEqual([]);
      expect(await page.getByRole('heading', { level: 1 }).count()).toBeGreaterThan(0);
    });
});
