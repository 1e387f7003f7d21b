import type {
  Announced,
  BringInStep,
  DeliveryMode,
  FileForm,
  Sharing,
  Understanding,
} from '../../contract';
import { type ChartDefinition } from '../../core/chart';
import { draftChart } from '../../core/editing';

/** What a request was answered. */
export interface Answer<T = Record<string, unknown>> {
  status: number;
  body: T;
  headers: Headers;
}

const emailOf = (name: string) => `${name}@isles.example`;

/** Somebody who sends requests, with the cookies they were given. */
export class TestPerson {
  cookie = '';

  constructor(readonly origin: string) {}

  /** The same person, signed in as here, before another server of the same database. */
  before(origin: string): TestPerson {
    const person = new TestPerson(origin);
    person.cookie = this.cookie;
    return person;
  }

  /** Makes an account and is signed in by it. */
  static async signedUp(origin: string, name: string): Promise<TestPerson> {
    const person = new TestPerson(origin);
    const account = { email: emailOf(name), password: 'long enough to be one' };
    await person.send('POST', '/people', { ...account, name });
    const { status } = await person.send('POST', '/session', account);
    if (status !== 200) throw new Error(`${name} has no account: ${status}`);
    return person;
  }

  /** Gives somebody a role on a dashboard, and has them open it, which makes it theirs. */
  async share(
    dashboardId: number,
    role: 'editor' | 'reader',
    { name, person }: { name: string; person: TestPerson },
  ): Promise<void> {
    await this.send('PUT', `/dashboards/${dashboardId}/people`, { email: emailOf(name), role });
    await person.send('GET', `/dashboards/${dashboardId}`);
  }

  /** Makes a link to a dashboard. @returns its id and its token */
  async link(dashboardId: number): Promise<{ id: number; token: string }> {
    const { body } = await this.send<Sharing>('POST', `/dashboards/${dashboardId}/links`);
    if (!body.made) throw new Error(`no link: ${JSON.stringify(body)}`);
    return body.made;
  }

  async send<T = Record<string, unknown>>(
    method: string,
    path: string,
    body?: unknown,
    headers: Record<string, string> = {},
  ): Promise<Answer<T>> {
    const raw = body instanceof Uint8Array || typeof body === 'string';
    const response = await fetch(`${this.origin}/api${path}`, {
      method,
      headers: {
        'x-stand-mark': '1',
        'content-type': raw ? 'application/octet-stream' : 'application/json',
        cookie: this.cookie,
        ...headers,
      },
      body: body === undefined ? undefined : raw ? (body as BodyInit) : JSON.stringify(body),
    });
    const given = response.headers.get('set-cookie');
    if (given) this.cookie = given.split(';')[0] ?? '';
    const text = await response.text();
    const isJson = /json/.test(response.headers.get('content-type') ?? '') && !text.includes('}\n');
    return {
      status: response.status,
      body: (isJson ? JSON.parse(text) : text) as T,
      headers: response.headers,
    };
  }

  /** Sends a file. @returns the id of its upload */
  async upload(content: Uint8Array | string, fileName = 'figures.csv'): Promise<string> {
    const path = `/uploads?name=${encodeURIComponent(fileName)}`;
    return (await this.send<{ id: string }>('POST', path, content)).body.id;
  }

  /** Has work done on an upload that answers step by step. */
  async steps(path: string, body: unknown): Promise<Answer<BringInStep[]>> {
    const answer = await this.send<string | object>('POST', path, body);
    const lines = typeof answer.body === 'string' ? answer.body : JSON.stringify(answer.body);
    const steps = lines
      .split('\n')
      .filter(Boolean)
      .map((line) => JSON.parse(line) as BringInStep);
    return { ...answer, body: steps };
  }

  /** Delivers a file and says how it was understood. */
  async understand(content: Uint8Array | string, form: FileForm = {}, fileName = 'figures.csv') {
    const uploadId = await this.upload(content, fileName);
    const { status, body } = await this.steps(`/uploads/${uploadId}/understand`, form);
    const last = body.at(-1);
    const understanding = last?.kind === 'understood' ? last.understanding : last;
    const ended = status === 200 && last?.kind !== 'understood' ? 422 : status;
    return { uploadId, status: ended, body: understanding as Understanding };
  }

  /** Brings a file in, as a new source or to the rows of one. */
  async bringIn(
    content: Uint8Array | string,
    target: {
      name?: string;
      sourceId?: number;
      mode?: DeliveryMode;
      keys?: string[];
      announced?: Announced;
    },
    form: FileForm = {},
    fileName = 'figures.csv',
  ): Promise<BringInStep[]> {
    const uploadId = await this.upload(content, fileName);
    return (await this.steps(`/uploads/${uploadId}/bring-in`, { ...target, form })).body;
  }

  /** Brings a file in as a new source. */
  async source(content: string, name = 'Figures'): Promise<number> {
    const last = (await this.bringIn(content, { name })).at(-1);
    if (last?.kind !== 'done') throw new Error(`not brought in: ${JSON.stringify(last)}`);
    return last.sourceId;
  }

  /** Makes a dashboard with one placed chart of a source. */
  async board(
    sourceId: number,
  ): Promise<{ dashboardId: number; chartId: number; definition: ChartDefinition }> {
    const { body: made } = await this.send<{ id: number }>('POST', '/dashboards', {
      title: 'Board',
      zone: 'UTC',
    });
    const columns = [
      { name: 'Day', kind: 'date' as const },
      { name: 'Fares', kind: 'number' as const },
    ];
    const definition = draftChart({ id: sourceId, columns });
    const { body: chart } = await this.send<{ id: number }>(
      'POST',
      `/dashboards/${made.id}/charts`,
      { definition },
    );
    const places = [{ chartId: chart.id, place: { x: 0, y: 0, w: 6, h: 7 } }];
    await this.send('PUT', `/dashboards/${made.id}/places`, { revision: 1, places });
    return { dashboardId: made.id, chartId: chart.id, definition };
  }
}
