let tell: () => void = () => {};
const pictured = new Promise<void>((resolve) => (tell = resolve));

/** Pages that draw nothing are not waited for longer, in milliseconds. */
const patience = 1500;

/** Says that the pictures of the page that were waiting are drawn. */
export const sayPictured = (): void => tell();

/** What is not needed for the first pictures waits for them, and for a moment in which nothing is done. */
export const whenPictured = async (): Promise<void> => {
  await Promise.race([pictured, new Promise<void>((go) => setTimeout(go, patience))]);
  await new Promise<void>((go) => requestIdleCallback(() => go(), { timeout: patience }));
};
