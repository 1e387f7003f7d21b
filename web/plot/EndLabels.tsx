import { memo } from 'react';
import type { Note } from '../../contract';
import { StrokeSample } from '../look';
import { plainNote } from '../../core/notes';
import type { Reading } from '../../core/reading';
import {
  type Drawing,
  type DrawnPanel,
  flownRow,
  headlineSize,
  type Highlight,
  isLit,
  isMore,
  toX,
} from '../picture';

interface EndLabelsProps {
  reading: Reading;
  drawing: Drawing;
  highlight: Highlight;
  onToggle: (series: string, more: boolean) => void;
  onOpenNote?: (note: Note) => void;
}

/**
 * What is written over a chart: the titles of panels, names at the ends of lines, and pennants; nothing
 * of it changes while the pointer moves.
 */
export const EndLabels = memo(function EndLabels({ reading, drawing, ...props }: EndLabelsProps) {
  return (
    <div className="chart-letters" style={{ fontSize: drawing.sizes.name }}>
      <Headline {...{ reading, drawing }} />
      <Legend entries={drawing.legend} {...props} />
      {drawing.panels.map((placed) => (
        <PanelLabels key={placed.number} placed={placed} {...props} />
      ))}
    </div>
  );
});

/** The last figure, large, and how far it is from its mark. */
function Headline({ reading: { headline }, drawing }: Pick<EndLabelsProps, 'reading' | 'drawing'>) {
  if (!headline) return null;
  const { figure, period, difference, judgement } = headline;
  const width = (drawing.panels[0]?.geometry.left ?? 0) - 12;
  return (
    <div className="headline" style={{ width }}>
      <strong style={{ fontSize: headlineSize }}>{figure}</strong>
      <span className="quiet">{period}</span>
      {difference && <span className={`headline-apart ${judgement ?? ''}`}>{difference}</span>}
    </div>
  );
}

/** Each series once, with its own stroke; pressed, it is highlighted. */
function Legend({
  entries,
  highlight,
  onToggle,
}: Omit<EndLabelsProps, 'drawing' | 'reading'> & { entries: Drawing['legend'] }) {
  return entries.map(({ series, text, stroke, rules, lettered, left, width, top }) => {
    const inside = (
      <>
        <StrokeSample stroke={stroke} rules={rules} /> <span>{text}</span>
      </>
    );
    const style = { left, width, top, color: lettered ?? undefined };
    const isStrong = lettered !== null || (series !== null && isLit(highlight, series));
    const className = isStrong ? 'legend-entry strong' : 'legend-entry';
    return series === null ? (
      <span key={text} className={className} style={style} title={text}>
        {inside}
      </span>
    ) : (
      <button
        key={series}
        type="button"
        className={className}
        style={style}
        title={text}
        aria-pressed={isLit(highlight, series)}
        onClick={(event) => onToggle(series, isMore(event))}
      >
        {inside}
      </button>
    );
  });
}

interface PanelLabelsProps extends Omit<EndLabelsProps, 'drawing' | 'reading'> {
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
      {endLabels.map(
        ({ series, text, lines, colour, left, width, top, height, strong, before }) => {
          const style = {
            top,
            height,
            lineHeight: `${(lines.length > 1 ? height - 2 : height) / lines.length}px`,
            left,
            width,
            color: colour,
            textAlign: before ? ('right' as const) : undefined,
          };
          const className = strong ? 'end-label strong' : 'end-label';
          return series === null ? (
            <span key={text} className={className} style={style}>
              {lines.join('\n')}
            </span>
          ) : (
            <button
              key={`${series} ${before}`}
              type="button"
              className={className}
              style={style}
              aria-pressed={isLit(highlight, series)}
              onClick={(event) => onToggle(series, isMore(event))}
            >
              {lines.join('\n')}
            </button>
          );
        },
      )}
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
            aria-label={`Note ${note.number}: ${plainNote(note.text)}`}
            onClick={() => onOpenNote?.(note)}
          >
            <span className={turned ? 'pennant-text turned' : 'pennant-text'}>
              {plainNote(note.text)}
            </span>
          </button>
        ) : null,
      )}
    </>
  );
}
