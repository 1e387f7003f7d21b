import { useEffect, useState } from 'react';
import { useSearchParams } from 'react-router';
import type { DialValue } from '../../core/dials';
import type { TurnedDials } from '../plot';

const prefix = 'dial.';

/** How long the address waits for the next position: browsers take only so many changes of it. */
const pause = 300;

/** Where a reader has turned the dials of a dashboard to; the address follows, and so does a link. */
export function useDials() {
  const [params, setParams] = useSearchParams();
  const [turned, setTurned] = useState<TurnedDials>(() => readDials(params));
  useEffect(() => {
    const next = writeDials(params, turned);
    if (next.toString() === params.toString()) return;
    const write = () => setParams(next, { replace: true, preventScrollReset: true });
    const waiting = setTimeout(write, pause);
    return () => clearTimeout(waiting);
  }, [turned, params, setParams]);
  return {
    turned,
    turn: (name: string, value: DialValue) => setTurned((before) => ({ ...before, [name]: value })),
    reset: () => setTurned({}),
  };
}

const readDials = (params: URLSearchParams): TurnedDials =>
  Object.fromEntries(
    [...params]
      .filter(([key]) => key.startsWith(prefix))
      .map(([key, value]) => [key.slice(prefix.length), valueOf(value)]),
  );

function writeDials(before: URLSearchParams, turned: TurnedDials): URLSearchParams {
  const kept = [...before].filter(([key]) => !key.startsWith(prefix));
  const own = Object.entries(turned).map(([name, value]) => [prefix + name, String(value)]);
  return new URLSearchParams([...kept, ...own]);
}

/** A number where it is one; dates stay as they are written. */
const valueOf = (text: string): DialValue =>
  text.trim() !== '' && Number.isFinite(Number(text)) ? Number(text) : text;
