import { type DrawnChart, type ReplayDefinition, replaySeconds } from '../../core/chart';
import { lineFollowed, type Reading, replayedAt } from '../../core/reading';
import { Act, Choice, Range, Tick } from '../hands';
import type { Replay } from '../plot';

interface ReplayStripProps {
  reading: Reading;
  highlight: string | null;
  replay: Replay;
  definition: ReplayDefinition | undefined;
  onClose: () => void;
}

const durations = [5, 10, 20, 40];

/** How long it may take: what is usual, and what its author has set. */
const durationsWith = (own = replaySeconds.usual) =>
  [...new Set([...durations, own])].sort((a, b) => a - b);

/** Plays a chart, stops it, steps and drags it through time, and says how far it has come. */
export function ReplayStrip({ reading, highlight, replay, definition, onClose }: ReplayStripProps) {
  const { at, playing, seconds, loops, still, play, pause, seek } = replay;
  const line = lineFollowed(reading, highlight);
  const place = Math.floor(at);
  const last = reading.positions.length - 1;
  if (!line) return null;
  const { period, count, all, value, words } = replayedAt(reading, line, place, definition);
  return (
    <div className="replay-strip small" role="group" aria-label="Replay">
      {still ? (
        <span className="quiet">Motion is reduced: step or drag.</span>
      ) : (
        <Act onClick={playing ? pause : play}>{playing ? 'Pause' : 'Play'}</Act>
      )}
      <Act onClick={() => seek(place - 1)} disabled={at <= 0}>
        Back
      </Act>
      <Range
        label="Replayed up to"
        from={0}
        to={last}
        step={1}
        value={place}
        said={period}
        onChange={seek}
      />
      <Act onClick={() => seek(place + 1)} disabled={at >= last}>
        On
      </Act>
      {!still && (
        <>
          <Choice
            label="All of it in"
            value={String(seconds)}
            options={durationsWith(definition?.seconds).map((each) => ({
              value: String(each),
              label: `in ${each} s`,
            }))}
            onChange={(next) => replay.setSeconds(Number(next))}
          />
          <Tick checked={loops} onChange={replay.setLoops}>
            again and again
          </Tick>
        </>
      )}
      <output className="replay-said" aria-live={playing ? 'off' : 'polite'}>
        <strong>{period}</strong> {words || `${line.name} ${value || 'not yet'}`}
        <span className="quiet">
          , {count} of {all}
        </span>
      </output>
      <Act aria-label="End the replay" onClick={onClose}>
        End
      </Act>
    </div>
  );
}

/** The author's words as of the last figure, where they are to stand; empty for nothing. */
export function sayReplayed(
  reading: Reading | null,
  highlight: string | null,
  { replay }: Pick<DrawnChart, 'replay'>,
): string {
  const line = reading && replay?.stands ? lineFollowed(reading, highlight) : null;
  return line ? replayedAt(reading as Reading, line, line.last ?? 0, replay).words : '';
}
