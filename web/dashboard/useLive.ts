import { useEffect } from 'react';
import { useDispatch } from 'react-redux';
import type { BoardStamp } from '../../contract';
import { api } from '../api';

/**
 * Asks for a dashboard anew whenever somebody has changed something on it, here or elsewhere.
 * @param path the dashboard's address in the API
 */
export function useLive(path: string) {
  const dispatch = useDispatch();
  useEffect(() => {
    const stream = new EventSource(`/api/${path}/changes`);
    let known: BoardStamp | null = null;
    stream.onmessage = ({ data }: MessageEvent<string>) => {
      const stamp = JSON.parse(data) as BoardStamp | null;
      const before = known;
      known = stamp;
      if (!before || !stamp) return;
      if (before.board !== stamp.board) dispatch(api.util.invalidateTags(['Dashboard', 'Frames']));
      else if (before.notes !== stamp.notes) dispatch(api.util.invalidateTags(['Dashboard']));
    };
    return () => stream.close();
  }, [path, dispatch]);
}
