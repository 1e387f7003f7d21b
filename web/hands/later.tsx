import { type ComponentType, type ReactNode, useEffect, useSyncExternalStore } from 'react';
import { whenPictured } from './pictured';
import type { Said } from './toast';

type Library = typeof import('./library');

let library: Library | null = null;
let asked: Promise<Library> | null = null;
const waiting = new Set<() => void>();

/** Asks for the library at once, whatever there is to be drawn. */
function askLibrary(): Promise<Library> {
  asked ??= import('./library').then(
    (found) => {
      library = found;
      for (const tell of waiting) tell();
      return found;
    },
    (error: unknown) => {
      // The next page that needs it tries again.
      asked = null;
      throw error;
    },
  );
  return asked;
}

/** Says something by the library, which comes for it at once. */
export const sayByLibrary = (said: Said): void => void askLibrary().then(({ say }) => say(said));

let awaited = false;

/** Asks for the library once the pictures are drawn; one of all that wait for it does so. */
function awaitLibrary() {
  if (awaited || library) return;
  awaited = true;
  void whenPictured()
    .then(askLibrary)
    .catch(() => {})
    .finally(() => (awaited = false));
}

const subscribe = (tell: () => void) => {
  waiting.add(tell);
  return () => void waiting.delete(tell);
};

/** What is shown: the parts of the library that are neither its dress nor what it does. */
type Shown = Exclude<keyof Library, 'Controls' | 'say'>;

/**
 * A control that comes with the library, after the first picture: until then its room is kept, so that
 * nothing moves when it is there.
 * @param room what is as large as it will be
 */
export function later<Name extends Shown>(
  name: Name,
  room: (props: Parameters<Library[Name]>[0]) => ReactNode,
) {
  type Props = Parameters<Library[Name]>[0];
  return function Later(props: Props) {
    const found = useSyncExternalStore(subscribe, () => library);
    useEffect(awaitLibrary, []);
    if (!found) return room(props);
    const Control = found[name] as ComponentType<Props>;
    return (
      <found.Controls>
        <Control {...props} />
      </found.Controls>
    );
  };
}
