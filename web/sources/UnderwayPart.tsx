import { useEffect } from 'react';
import { useDispatch } from 'react-redux';
import type { Underway } from '../../contract';
import { api, stopBringingIn } from '../api';
import { Act } from '../controls';

/** How often it is asked how far a file is, in milliseconds. */
const askEvery = 1500;

/**
 * Files on their way in, and how the latest ended: also for whoever has left the page on which they were
 * brought in.
 * @param sourceId those of one source; missing: all of them
 */
export function UnderwayPart({ sourceId }: { sourceId?: number }) {
  const { data: all = [] } = api.useUnderwayQuery(undefined, { refetchOnMountOrArgChange: true });
  const shown = all.filter((each) => sourceId === undefined || each.sourceId === sourceId);
  useAskedAgain(shown);
  const [forget] = api.useForgetDeliveryMutation();
  if (shown.length === 0) return null;
  return (
    <ul className="sheet underway" aria-label="Files on their way in">
      {shown.map((each) => (
        <li key={each.id} className="row">
          <span className={each.state === 'failed' ? 'grow off' : 'grow'} role="status">
            {sayUnderway(each)}
          </span>
          {each.sourceId !== null && each.sourceId !== sourceId && (
            <Act to={`/sources/${each.sourceId}`}>Open</Act>
          )}
          {each.state === 'running' && (
            <Act
              onClick={() => void stopBringingIn(each.uploadId)}
              aria-label={`Stop bringing ${each.fileName} in`}
            >
              Stop
            </Act>
          )}
          {each.state !== 'running' && (
            <Act
              onClick={() => void forget(each.id)}
              aria-label={`Put the word on ${each.fileName} away`}
            >
              Put away
            </Act>
          )}
        </li>
      ))}
    </ul>
  );
}

/** Asks again while something is running; what has come in is shown at once. */
function useAskedAgain(shown: readonly Underway[]) {
  const dispatch = useDispatch();
  const running = shown.filter(({ state }) => state === 'running').length;
  useEffect(() => {
    if (running === 0) return;
    const asking = setInterval(() => dispatch(api.util.invalidateTags(['Underway'])), askEvery);
    return () => {
      clearInterval(asking);
      dispatch(api.util.invalidateTags(['Sources', 'Frames']));
    };
  }, [running, dispatch]);
}

const at = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

function sayUnderway({ state, fileName, share, rows, sentence, changedAt }: Underway): string {
  const count = `${rows.toLocaleString('en-GB')} ${rows === 1 ? 'row' : 'rows'}`;
  const when = at.format(new Date(changedAt));
  const words: Record<Underway['state'], string> = {
    running:
      rows === 0
        ? `${fileName} is being brought in`
        : `${fileName} is being brought in: ${Math.round(share * 100)}%, ${count} so far`,
    done: `${fileName} was brought in, ${when}`,
    failed: `${fileName} was not brought in, ${when}. ${sentence ?? ''}`,
    stopped: `Bringing ${fileName} in was stopped, ${when}; nothing of it is stored`,
  };
  return words[state];
}
