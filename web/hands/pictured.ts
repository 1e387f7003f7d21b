let expected = false;
let tell: () => void = () => {};
const pictured = new Promise<void>((resolve) => (tell = resolve));

/** However long the pictures take, nobody waits longer for what they are not, in milliseconds. */
const patience = 1500;

/** Says that the page about to be opened is there for its pictures. */
export const expectPictures = (): void => void (expected = true);

/** Says that the pictures of the page that were waiting are drawn, or that there are none. */
export const sayPictured = (): void => tell();

/** What is not needed for the first pictures waits for them, and for a moment in which nothing is done. */
export const whenPictured = async (): Promise<void> => {
  if (!expected) return;
  await Promise.race([pictured, new Promise<void>((go) => setTimeout(go, patience))]);
  await new Promise<void>((go) => requestIdleCallback(() => go(), { timeout: patience }));
};
