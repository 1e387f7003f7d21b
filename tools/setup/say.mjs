// @ts-check
/** A step failed in a way its reader can do something about: `message` says what. */
export class SetupError extends Error {}

/**
 * Prints one line about a step of the start.
 * @param {string} line
 */
export function say(line) {
  process.stdout.write(`stand mark: ${line}\n`);
}

/**
 * Ends the process with one clear line when a step fails; anything unforeseen keeps its stack.
 * @param {unknown} error
 * @returns {never}
 */
export function giveUp(error) {
  const told = error instanceof SetupError;
  process.stderr.write(
    `stand mark: ${told ? error.message : error instanceof Error ? error.stack : error}\n`,
  );
  process.exit(1);
}
