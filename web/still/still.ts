import { clear, createStore, delMany, get, set } from 'idb-keyval';
import { allAnswered, askAhead, endAhead, expectAnswers } from './answers';

/*
 * A dashboard that was seen before and is unchanged stands before the application is there: as it was
 * seen, for as long as that takes. It is kept with all that it depends on, which is asked of the server
 * anew, and shown for nothing else.
 */

/** So many dashboards are kept, those seen last. */
const mostKept = 20;

/** How a page stood, and what it depends on. */
interface Kept {
  /** the window, the day, and what is remembered here */
  around: string;
  answers: [address: string, text: string][];
  markup: string;
}

/** What is kept, the latest first: its address, and what has to be asked to know whether it is the same. */
interface Listed {
  address: string;
  asks: string[];
}

/** The list is read at once, so that nothing waits for it. */
const listName = 'stand-mark-stills';

const store = () => createStore('stand-mark', 'stills');

function listed(): Listed[] {
  try {
    return JSON.parse(localStorage.getItem(listName) ?? '[]') as Listed[];
  } catch {
    return [];
  }
}

const isDashboard = (path: string) => /^\/dashboards\/\d+$/.test(path);

const here = () => location.pathname + location.search;

function around(): string {
  const { innerWidth, innerHeight, devicePixelRatio } = window;
  const remembered = Object.entries(localStorage).filter(([name]) => name !== listName);
  const day = new Date().toDateString();
  // Another build may draw otherwise.
  const build = document.querySelector<HTMLScriptElement>('script[type=module]')?.src;
  return JSON.stringify([build, innerWidth, innerHeight, devicePixelRatio, day, remembered]);
}

/** However long it takes to know whether it is the same, nobody waits longer, in milliseconds. */
const patience = 1000;

/** Shows the page as it was seen before, if it is the same. Ends once it stands, or is known not to. */
export async function recallStill(): Promise<void> {
  noticeTouches();
  if (!isDashboard(location.pathname)) return;
  expectAnswers(location.pathname);
  const before = listed().find(({ address }) => address === here());
  if (!before) return void askForDashboard();
  await Promise.race([
    standAsBefore(before).catch(() => {}),
    new Promise((late) => setTimeout(late, patience)),
  ]);
}

async function standAsBefore({ address, asks }: Listed) {
  const answers = Promise.all(asks.map(askAhead));
  const kept = await get<Kept>(address, store());
  if (kept?.around !== around()) return;
  const now = new Map((await answers).map((text, at) => [asks[at], text]));
  const isSame = kept.answers.every(([asked, text]) => text === now.get(asked));
  if (!isSame || hasBegun) return;
  const still = document.createElement('div');
  still.id = 'still';
  still.inert = true;
  still.ariaHidden = 'true';
  still.innerHTML = kept.markup;
  document.body.append(still);
  await new Promise((shown) => requestAnimationFrame(() => setTimeout(shown)));
}

/** What the page will need is asked for while its code is being read. */
async function askForDashboard() {
  const [, id] = /\/(\d+)$/.exec(location.pathname) ?? [];
  void askAhead('/api/session');
  const text = await askAhead(`/api/dashboards/${id}`);
  const { charts = [] } = JSON.parse(text ?? '{}') as {
    charts?: { id: number; place: unknown }[];
  };
  // What is set in the address asks for other figures.
  if (location.search !== '') return;
  for (const { id: chart, place } of charts)
    if (place !== null) void askAhead(`/api/charts/${chart}/frames?`);
}

let hasBegun = false;

/** The page has another to show, or has taken too long: what stood in its place goes. */
export function takeStillAway() {
  hasBegun = true;
  document.getElementById('still')?.remove();
}

/** The application has drawn something: once that is as much as stood before, it stands for itself. */
export function sayDrawn() {
  hasBegun = true;
  endAhead();
  const drawnIn = (id: string) =>
    document.getElementById(id)?.querySelectorAll('[data-drawn]').length ?? 0;
  if (drawnIn('root') >= drawnIn('still')) takeStillAway();
  keepStill();
}

/** How long a page rests before it is kept, in milliseconds. */
const restsFor = 1500;

let resting: ReturnType<typeof setTimeout> | undefined;
let keptHere: string | null = null;

/** Once somebody has done something, the page does not stand as it is opened. */
let isTouched = false;

function noticeTouches() {
  for (const doing of ['pointerdown', 'keydown'])
    addEventListener(doing, () => (isTouched = true), { capture: true });
}

/** Another page is about to be opened. */
export function expectPage(path: string) {
  isTouched = false;
  expectAnswers(path);
}

/** Keeps the page once it rests, each time that it is opened. */
function keepStill() {
  clearTimeout(resting);
  const address = here();
  if (isTouched || keptHere === address || !isDashboard(location.pathname)) return;
  resting = setTimeout(() => {
    const answers = allAnswered();
    const root = document.getElementById('root');
    if (isTouched || here() !== address || !answers || !root) return;
    keptHere = address;
    keep(address, { around: around(), answers, markup: root.innerHTML }).catch(() => {
      // There is no room: it is drawn anew the next time.
    });
  }, restsFor);
}

async function keep(address: string, kept: Kept) {
  await set(address, kept, store());
  const own = { address, asks: kept.answers.map(([asked]) => asked) };
  const all = [own, ...listed().filter((each) => each.address !== address)];
  localStorage.setItem(listName, JSON.stringify(all.slice(0, mostKept)));
  await delMany(
    all.slice(mostKept).map((each) => each.address),
    store(),
  );
}

/** Forgets all that is kept, as when somebody signs out. */
export async function forgetStills(): Promise<void> {
  clearTimeout(resting);
  keptHere = null;
  try {
    localStorage.removeItem(listName);
    await clear(store());
  } catch {
    // Nothing was kept.
  }
}
