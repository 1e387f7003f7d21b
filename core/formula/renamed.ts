/** A name as a formula writes it: plainly, or between quotes when it is no plain word. */
export const writtenName = (name: string) => (/^[A-Za-z_]\w*$/.test(name) ? name : `"${name}"`);

/** Writes another name wherever a formula has one: between quotes, or plainly where it is a word. */
export function renamedIn(formula: string, from: string, to: string): string {
  const written = writtenName(to);
  return formula
    .split(/("[^"]*")/)
    .map((part) => {
      if (part.startsWith('"')) return part === `"${from}"` ? written : part;
      return part.replace(/[A-Za-z_]\w*/g, (word) => (word === from ? written : word));
    })
    .join('');
}

/** Whether a formula names something. */
export const mentionedIn = (formula: string, name: string): boolean =>
  name !== '' && renamedIn(formula, name, `${name} `) !== formula;
