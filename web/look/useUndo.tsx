import { App } from 'antd';
import { useCallback } from 'react';

/** Says that something was removed, with a way to have it back. */
export function useUndo() {
  const { message } = App.useApp();
  return useCallback(
    (what: string, undo: () => void) => {
      const key = `${what} ${Date.now()}`;
      message.open({
        key,
        duration: 10,
        content: (
          <span>
            {what}{' '}
            <button
              type="button"
              className="act"
              onClick={() => {
                message.destroy(key);
                undo();
              }}
            >
              Undo
            </button>
          </span>
        ),
      });
    },
    [message],
  );
}
