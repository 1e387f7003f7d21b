import { type ComponentType, type CSSProperties, useEffect, useSyncExternalStore } from 'react';
import { whenPictured } from '../look';

type Library = typeof import('./library');

let library: Library | null = null;
let asked = false;
const waiting = new Set<() => void>();

function ask() {
  if (asked) return;
  asked = true;
  void whenPictured()
    .then(() => import('./library'))
    .then((found) => {
      library = found;
      for (const tell of waiting) tell();
    })
    // The next page that needs it tries again.
    .catch(() => (asked = false));
}

const subscribe = (tell: () => void) => {
  waiting.add(tell);
  return () => void waiting.delete(tell);
};

/**
 * A control that comes with the library, after the first picture: until then its room is kept, so that
 * nothing moves when it is there.
 * @param room how large it will be
 */
export function later<Name extends keyof Library>(
  name: Name,
  room: (props: Parameters<Library[Name]>[0]) => CSSProperties,
) {
  type Props = Parameters<Library[Name]>[0];
  return function Later(props: Props) {
    const found = useSyncExternalStore(subscribe, () => library);
    useEffect(ask, []);
    const Control = found?.[name] as ComponentType<Props> | undefined;
    return Control ? (
      <Control {...props} />
    ) : (
      <span className="hand-room" style={room(props)} aria-hidden />
    );
  };
}
