import { readFileSync, writeFileSync } from 'node:fs';
import type { Browser, Locator, Page } from '@playwright/test';
import { TestPerson } from '../../server/testing';
import { expect } from '../fixtures';

/** Presses that each need took when it was tried as a new user would; need 20 is two walks. */
const tried: Record<string, number> = {
  '2': 33,
  '3': 40,
  '4': 10,
  '5': 15,
  '6': 46,
  '7': 13,
  '8': 25,
  '9': 37,
  '10': 34,
  '11': 52,
  '12': 33,
  '13': 32,
  '14': 45,
  '15': 50,
  '16': 27,
  '17': 24,
  '18': 45,
  '19': 36,
  '20a': 50,
  '20b': 85,
  '21': 35,
};

/** Half of them, rounded up; of need 1 nobody had come to the end, and need 4 was short already. */
const most = (need: string) => ({ 1: 20, 4: 10 })[need] ?? Math.ceil((tried[need] ?? 0) / 2);

/** A source that is stored before the walk begins: its name and its lines. */
export type Stored = readonly [name: string, lines: readonly string[]];

/** Somebody who builds a chart from a stored source, whose presses are counted. */
export class Walker {
  presses = 0;
  readonly line: Locator;

  private constructor(
    readonly page: Page,
    readonly person: TestPerson,
    readonly origin: string,
    readonly sources: readonly number[],
  ) {
    this.line = page.getByRole('combobox', { name: 'A line that adds to the chart' });
  }

  /** Signs somebody up who has some sources, and opens the page of the first; nothing is counted yet. */
  static async before(page: Page, origin: string, name: string, stored: readonly Stored[]) {
    const person = await TestPerson.signedUp(origin, name);
    const sources: number[] = [];
    for (const [called, lines] of stored)
      sources.push(await person.source(lines.join('\n'), called));
    const [cookie = '', value = ''] = person.cookie.split(/=(.*)/s);
    await page.context().addCookies([{ name: cookie, value, url: origin }]);
    await page.goto(`${origin}/sources/${sources[0]}`);
    return new Walker(page, person, origin, sources);
  }

  /** Presses something. */
  async press(target: Locator) {
    this.presses += 1;
    await target.first().click();
  }

  button(name: string | RegExp, exact = typeof name === 'string') {
    return this.page.getByRole('button', { name, exact });
  }

  /** Presses a button by its name. */
  pressed = (name: string | RegExp) => this.press(this.button(name));

  /** Types into a field. */
  async fill(field: Locator, text: string) {
    this.presses += 1;
    await field.fill(text);
  }

  async key(key: string) {
    this.presses += 1;
    await this.page.keyboard.press(key);
  }

  /** Chooses from the list that is open. */
  option = (words: string | RegExp) =>
    this.press(this.page.locator('.ant-select-item-option:visible').getByText(words));

  item = (name: string | RegExp) => this.press(this.page.getByRole('menuitem', { name }));

  /** From the page of a source to a first chart of it. */
  async draw() {
    await this.pressed('Draw a chart');
    await this.isRead();
  }

  isRead = () => expect(this.page.locator('.chart-plot[data-drawn]').first()).toBeVisible();

  /** Types sentences into the line, each ended by Enter: one press for each slot of theirs. */
  async say(...sentences: string[]) {
    if (!(await this.line.isVisible())) await this.key('+');
    for (const sentence of sentences) {
      await this.line.fill(sentence);
      this.presses += slotsIn(sentence);
      await this.line.press('Enter');
      this.presses += 1;
      const wrong = this.page.getByRole('alert');
      // What is taken leaves the line; what is not stays in it, with the reason.
      await expect
        .poll(async () => (await this.line.inputValue()) === '' || (await wrong.isVisible()))
        .toBe(true);
      if (await wrong.isVisible()) throw new Error(`${sentence}: ${await wrong.innerText()}`);
    }
  }

  /** Brings the next delivery in, in place of what stands. */
  async bringIn(lines: readonly string[], sourceId = this.sources[0] ?? 0) {
    const steps = await this.person.bringIn(lines.join('\n'), { sourceId, mode: 'replace' });
    expect(steps.at(-1)).toMatchObject({ kind: 'done' });
  }

  rows = (part: string) => this.page.getByRole('region', { name: part, exact: true });

  /** Leads to the dashboard, on which the chart is placed. */
  async place() {
    await this.page.keyboard.press('Escape');
    await this.pressed(/^(Place on|To the) dashboard$/);
    await this.isRead();
  }

  sheet = (title: string | RegExp) => this.page.getByRole('article', { name: title });

  /** The same dashboard on a phone, before somebody who has a link to it. */
  async onPhone(browser: Browser): Promise<Page> {
    const { body } = await this.person.send<{ id: number }[]>('GET', '/dashboards');
    const { token } = await this.person.link(body[0]?.id ?? 0);
    const context = await browser.newContext({
      viewport: { width: 390, height: 844 },
      hasTouch: true,
      isMobile: true,
      locale: 'en-GB',
      timezoneId: 'UTC',
    });
    const phone = await context.newPage();
    await phone.goto(`${this.origin}/shared/${token}`);
    await expect(phone.locator('.chart-plot[data-drawn]').first()).toBeVisible();
    return phone;
  }

  /** Holds the presses at half of what the need took, and to what the table of needs says. */
  ended(need: string) {
    expect(this.presses).toBeLessThanOrEqual(most(need));
    const row = [need, tried[need] ?? '-', most(need), this.presses].map(String);
    const table = 'docs/needs.md';
    const text = readFileSync(table, 'utf8');
    const stands = text.split('\n').find((line) => cellsOf(line)[0] === need) ?? '';
    if (process.env.WRITE_NEEDS)
      writeFileSync(table, text.replace(stands, `| ${row.join(' | ')} |`));
    else expect(cellsOf(stands)).toEqual(row);
  }
}

/** The cells of a row of a table. */
const cellsOf = (line: string) =>
  line
    .split('|')
    .slice(1, -1)
    .map((cell) => cell.trim());

/** What of a sentence fills a slot: what is quoted, a number, a name. */
const filled = /"[^"]*"|#?\d[\d.,]*%?|\p{Lu}[\p{L}\d]*(?: \p{Lu}[\p{L}\d]*)*/gu;

/** Or what is chosen among words of the grammar: a statistic, a role, a side, a colour, a grain. */
const chosen =
  /\b(mean|median|highest|lowest|sum|count|actual|target|budget|forecast|(?<!handed )over|under|at least|at most|indigo|brick|teal|plum|moss|sky|ochre|grey|ink|rosewood|month|quarter|year|week|day)\b/gu;

/**
 * How many slots somebody fills who types a sentence: those of its first part, and each thing said after
 * a comma at least once. Words on their way are none.
 */
export const slotsIn = (sentence: string): number => {
  const parts = sentence.match(/(?:"[^"]*"|[^,"]|,(?! ))+/g) ?? [];
  return parts.reduce((sum, part, at) => {
    const slots =
      (part.match(filled) ?? []).length + (part.replace(/"[^"]*"/g, '').match(chosen) ?? []).length;
    return sum + (at === 0 ? slots : Math.max(1, slots));
  }, 0);
};

/** The first days of months from one on, by how many. */
export const months = (year: number, count: number): string[] =>
  Array.from({ length: count }, (_, at) =>
    new Date(Date.UTC(year, at, 1)).toISOString().slice(0, 10),
  );
