import type { Note } from '../../contract';
import type { Drawing, DrawnPanel } from './drawing';
import { toX } from './geometry';
import { flownRow } from './pennants';

interface EndLabelsProps {
  drawing: Drawing;
  highlight: string | null;
  onToggle: (series: string | null) => void;
  onOpenNote?: (note: Note) => void;
}

/** What is written over a chart: the titles of panels, names at the ends of lines, and pennants. */
export function EndLabels({ drawing, ...props }: EndLabelsProps) {
  return drawing.panels.map((placed) => (
    <PanelLabels key={placed.number} placed={placed} {...props} />
  ));
}

interface PanelLabelsProps extends Omit<EndLabelsProps, 'drawing'> {
  placed: DrawnPanel;
}

function PanelLabels({ placed, highlight, onToggle, onOpenNote }: PanelLabelsProps) {
  const { geometry, endLabels, flown, panel } = placed;
  return (
    <>
      {panel.title && (
        <p
          className="panel-title"
          style={{
            left: geometry.left,
            width: geometry.width - geometry.left - geometry.right,
            top: placed.titleTop,
          }}
          title={panel.title}
        >
          {panel.title}
        </p>
      )}
      {endLabels.map(({ series, text, colour, left, width, top, height, strong, before }) => {
        const style = {
          ...{ top, height, lineHeight: `${height}px`, left, width, color: colour },
          textAlign: before ? ('right' as const) : undefined,
        };
        const className = strong ? 'end-label strong' : 'end-label';
        return series === null ? (
          <span key={text} className={className} style={style} title={text}>
            {text}
          </span>
        ) : (
          <button
            key={`${series} ${before}`}
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
