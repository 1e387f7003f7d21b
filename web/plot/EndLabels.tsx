import type { Note } from '../../contract';
import type { Drawing } from './drawing';
import { toX } from './geometry';
import { flownRow } from './pennants';

interface EndLabelsProps {
  drawing: Drawing;
  highlight: string | null;
  onToggle: (series: string | null) => void;
  onOpenNote?: (note: Note) => void;
}

/** What can be pressed on a chart: the names at the ends of the lines, and the pennants. */
export function EndLabels({ drawing, highlight, onToggle, onOpenNote }: EndLabelsProps) {
  const { geometry, endLabels, flown } = drawing;
  return (
    <>
      {endLabels.map(({ series, text, colour, top, height, strong }) => {
        const style = {
          top,
          height,
          lineHeight: `${height}px`,
          left: geometry.width - geometry.right + 8,
          width: geometry.right - 10,
          color: colour,
        };
        const className = strong ? 'end-label strong' : 'end-label';
        return series === null ? (
          <span key={text} className={className} style={style} title={text}>
            {text}
          </span>
        ) : (
          <button
            key={series}
            type="button"
            className={className}
            style={style}
            title={text}
            aria-pressed={highlight === series}
            onClick={() => onToggle(series)}
          >
            {text}
          </button>
        );
      })}
      {flown.map(({ note, day, level, turned }) =>
        note ? (
          <button
            key={note.id}
            type="button"
            className="pennant-button"
            style={{
              left: toX(geometry, day) - (turned ? 24 : 0),
              top: geometry.top - level * flownRow - 21,
            }}
            aria-label={`Note ${note.number}: ${note.text}`}
            onClick={() => onOpenNote?.(note)}
          >
            <span className={turned ? 'pennant-text turned' : 'pennant-text'}>{note.text}</span>
          </button>
        ) : null,
      )}
    </>
  );
}
