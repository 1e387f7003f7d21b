import { expectPictures, sayPictured, whenPictured } from './pictured';

beforeAll(() => {
  Object.assign(globalThis, { requestIdleCallback: (go: () => void) => setTimeout(go) });
  jest.useFakeTimers();
});
afterAll(() => jest.useRealTimers());

/** Whether the library is asked for once so many milliseconds have passed. */
async function isAskedAfter(milliseconds: number): Promise<boolean> {
  let asked = false;
  void whenPictured().then(() => (asked = true));
  await jest.advanceTimersByTimeAsync(milliseconds);
  return asked;
}

it('does not wait on pages without pictures, waits for pictures, but for no longer than patience lasts', async () => {
  expect(await isAskedAfter(0)).toBe(true);
  expectPictures();
  expect(await isAskedAfter(1000)).toBe(false);
  expect(await isAskedAfter(2000)).toBe(true);
  sayPictured();
  expect(await isAskedAfter(1)).toBe(true);
});
