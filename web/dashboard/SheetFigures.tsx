import { type CSSProperties, type KeyboardEvent, Suspense, useEffect, useRef } from 'react';
import { createPortal } from 'react-dom';
import type { Reading } from '../../core/reading';
import { Act } from '../hands';
import { type FigureAsked, FiguresTable, RowsBehindPanel } from '../figures';
import { type At, atPlace, type Highlight, placeOf, textScale } from '../picture';
import { InWords } from '../plot';

interface SheetFiguresProps extends Omit<ShownProps, 'room'> {
  chartId: number;
  /** what they stand in; null while they are not shown */
  room: HTMLElement | null;
  /** the figure whose rows are asked for; null for none */
  asked: FigureAsked | null;
  onAsked: (asked: FigureAsked | null) => void;
}

/** The figures of a chart where they are shown, and the rows behind one that is asked for. */
export function SheetFigures({ chartId, room, asked, onAsked, ...shown }: SheetFiguresProps) {
  return (
    <>
      {room && <Shown room={room} {...shown} />}
      <Suspense fallback={null}>
        {asked && (
          <RowsBehindPanel
            {...{ chartId, reading: shown.reading, asked }}
            onClose={() => onAsked(null)}
          />
        )}
      </Suspense>
    </>
  );
}

interface ShownProps {
  /** what they stand in, beside the charts or under their own */
  room: HTMLElement;
  reading: Reading;
  highlight: Highlight;
  onHighlight: (highlight: Highlight) => void;
  /** what is highlighted along the axis; null for nothing */
  litAt: At | null;
  onLight: (at: At | null) => void;
  /** missing for those who may not know where figures come from */
  onAsk?: (asked: FigureAsked) => void;
  onClose: () => void;
}

/** The chart in words and figures, in a room of their own: nothing of the chart is covered. */
function Shown(props: ShownProps) {
  const { room, reading, highlight, onHighlight, litAt, onLight, onAsk, onClose } = props;
  const litPeriod = litAt === null ? null : placeOf(reading, litAt);
  const heading = useRef<HTMLHeadingElement>(null);
  const title = `Figures of ${reading.title}`;
  useEffect(
    () => heading.current?.focus({ preventScroll: room.dataset.beside === 'true' }),
    [room],
  );
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key !== 'Escape') return;
    event.stopPropagation();
    onClose();
  };
  return createPortal(
    <section
      className="sheet sheet-figures sized-panel"
      aria-label={`${reading.title} in words and figures`}
      style={{ '--text': textScale[reading.look.textSize] } as CSSProperties}
      onKeyDown={onKeyDown}
    >
      <header className="row">
        <h2 ref={heading} tabIndex={-1} className="grow">
          {title}
        </h2>
        <Act onClick={onClose}>Close the figures</Act>
      </header>
      <InWords reading={reading} />
      <FiguresTable
        {...{ reading, highlight, onHighlight, litPeriod, onAsk }}
        height={520}
        onLightPeriod={(place) => onLight(place === litPeriod ? null : atPlace(reading, place))}
      />
    </section>,
    room,
  );
}
