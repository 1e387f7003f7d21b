import { useSyncExternalStore } from 'react';

/** A word at the foot of the page that goes by itself. */
interface Toast {
  id: number;
  words: string;
  /** what can be done about it */
  act?: { label: string; run: () => void };
}

const shownFor = 10_000;
let toasts: readonly Toast[] = [];
let lastId = 0;
const listeners = new Set<() => void>();

function set(next: readonly Toast[]) {
  toasts = next;
  for (const tell of listeners) tell();
}

const dismiss = (id: number) => set(toasts.filter((toast) => toast.id !== id));

/**
 * Says something at the foot of the page for a while.
 * @param act what can be done about it, as taking it back
 */
export function toast(words: string, act?: Toast['act']) {
  const id = (lastId += 1);
  set([...toasts, { id, words, act }]);
  setTimeout(() => dismiss(id), shownFor);
}

/** Says that something was removed, with a way to have it back. */
export const toastUndo = (what: string, undo: () => void) =>
  toast(what, { label: 'Undo', run: undo });

const subscribe = (tell: () => void) => {
  listeners.add(tell);
  return () => void listeners.delete(tell);
};

/** Where toasts stand; one for the whole page. */
export function Toasts() {
  const shown = useSyncExternalStore(subscribe, () => toasts);
  return (
    <div className="toasts" role="status">
      {shown.map(({ id, words, act }) => (
        <p key={id} className="toast">
          {words}{' '}
          {act && (
            <button
              type="button"
              className="act"
              onClick={() => {
                dismiss(id);
                act.run();
              }}
            >
              {act.label}
            </button>
          )}
        </p>
      ))}
    </div>
  );
}
