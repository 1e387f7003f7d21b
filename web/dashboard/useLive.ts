import { useEffect, useRef } from 'react';
import { useDispatch } from 'react-redux';
import type { BoardStamp } from '../../contract';
import { api } from '../api';

/**
 * Asks for a dashboard anew whenever somebody has changed something on it, here or elsewhere.
 * @param path the dashboard's address in the API
 * @param shown what it stood at when it was read as it is shown
 */
export function useLive(path: string, shown: BoardStamp) {
  const dispatch = useDispatch();
  const latest = useRef(shown);
  useEffect(() => {
    latest.current = shown;
  }, [shown]);
  useEffect(() => {
    const stream = new EventSource(`/api/${path}/changes`);
    stream.onmessage = ({ data }: MessageEvent<string>) => {
      const stamp = JSON.parse(data) as BoardStamp | null;
      const { board, notes } = latest.current;
      if (!stamp) return;
      if (board !== stamp.board) dispatch(api.util.invalidateTags(['Dashboard', 'Frames']));
      else if (notes !== stamp.notes) dispatch(api.util.invalidateTags(['Dashboard']));
    };
    // A stream that is refused for good: who looked here may not any more.
    stream.onerror = () => {
      if (stream.readyState === EventSource.CLOSED)
        dispatch(api.util.invalidateTags(['Dashboard', 'Dashboards']));
    };
    return () => stream.close();
  }, [path, dispatch]);
}
