/** A word at the foot of the page that goes by itself. */
export interface Said {
  words: string;
  /** what can be done about it, as taking it back */
  act?: { label: string; run: () => void };
}

type Voice = (said: Said) => void;

let voice: Voice | null = null;
const unsaid: Said[] = [];

/** Gives the page a voice; what was to be said until now is said. */
export function giveVoice(given: Voice) {
  voice = given;
  for (const said of unsaid.splice(0)) given(said);
}

/**
 * Says something at the foot of the page for a while.
 * @param act what can be done about it, as taking it back
 */
export function toast(words: string, act?: Said['act']) {
  if (voice) voice({ words, act });
  else unsaid.push({ words, act });
}

/** Says that something was removed, with a way to have it back. */
export const toastUndo = (what: string, undo: () => void) =>
  toast(what, { label: 'Undo', run: undo });
