/*
 * What the server answered about the page that is open: asked before the application's own code is
 * read, and remembered as it came, so that it can be told whether the page would be the same again.
 */

/** Answers that were asked for before the application could, each taken once. */
const ahead = new Map<string, Promise<Response>>();

/** The text of what was answered last, by address; null where it is not known. */
const answered = new Map<string, string | null>();

/** What a dashboard is drawn from: who asks, the dashboard, and the figures of its charts. */
const drawnFrom = /^\/api\/(session|dashboards\/\d+|charts\/\d+\/frames(\?.*)?)$/;

/** What nobody has taken by now is asked for anew by whoever wants it. */
export const endAhead = () => ahead.clear();

/** Asks ahead of the application. @returns the text of the answer; null when there is none */
export async function askAhead(address: string): Promise<string | null> {
  // As the browser was told to ask by the server, so that it does not ask twice.
  const coming = fetch(address);
  ahead.set(address, coming);
  try {
    const answer = await coming;
    const text = answer.ok ? await answer.clone().text() : null;
    answered.set(address, text);
    return text;
  } catch {
    ahead.delete(address);
    return null;
  }
}

/** Asks the server, unless that has been done ahead. */
export async function fetchAnswer(input: RequestInfo | URL, init?: RequestInit): Promise<Response> {
  const request = input instanceof Request ? input : new Request(input, init);
  const { pathname, search } = new URL(request.url);
  const address = pathname + search;
  if (request.method !== 'GET' || !drawnFrom.test(address)) return fetch(request);
  const coming = ahead.get(address);
  ahead.delete(address);
  if (coming) return coming;
  const answer = await fetch(request);
  answered.set(address, null);
  if (answer.ok)
    answer
      .clone()
      .text()
      .then(
        (text) => answered.set(address, text),
        () => {},
      );
  return answer;
}

let page: string | null = null;

/** Begins anew where another page is opened: what was answered about the one before tells nothing. */
export function expectAnswers(path: string) {
  if (page !== null && page !== path)
    for (const address of [...answered.keys()])
      if (address !== '/api/session') answered.delete(address);
  page = path;
}

/** All that was answered, as it came; null while something of it is not known. */
export function allAnswered(): [address: string, text: string][] | null {
  const found = [...answered];
  return found.every((each): each is [string, string] => each[1] !== null) ? found : null;
}
