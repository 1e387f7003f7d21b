import { type CSSProperties, Suspense, useState } from 'react';
import type { Reading } from '../../core/reading';
import { SidePanel } from '../hands';
import { type FigureAsked, FiguresTable, RowsBehindPanel } from '../figures';
import { type Highlight, placeOf, textScale } from '../picture';
import { InWords } from '../plot';
import { middleDay } from '../pointing';
import type { Day } from '../../core/calendar';

interface SheetFiguresProps {
  chartId: number;
  reading: Reading;
  highlight: Highlight;
  onHighlight: (highlight: Highlight) => void;
  /** a day of the period that is highlighted; null for none */
  litDay: Day | null;
  onLightDay: (day: Day | null) => void;
  /** whoever looks may know where figures come from */
  mayAsk: boolean;
  onClose: () => void;
}

/** The chart in words and figures, and the rows behind one of them. */
export function SheetFigures(props: SheetFiguresProps) {
  const { chartId, reading, highlight, onHighlight, litDay, mayAsk, onClose } = props;
  const litPeriod = litDay === null ? null : placeOf(reading, litDay);
  const [asked, setAsked] = useState<FigureAsked | null>(null);
  const lightPeriod = (place: number) =>
    props.onLightDay(place === litPeriod ? null : middleDay(reading, place));
  return (
    <>
      <SidePanel title={`Figures of ${reading.title}`} onClose={onClose}>
        <div
          className="sized-panel"
          style={{ '--text': textScale[reading.look.textSize] } as CSSProperties}
        >
          <InWords reading={reading} />
          <FiguresTable
            {...{ reading, highlight, onHighlight, litPeriod }}
            // A period of the calendar is highlighted in all charts.
            onLightPeriod={reading.axis === 'calendar' ? lightPeriod : undefined}
            onAsk={mayAsk ? setAsked : undefined}
          />
        </div>
      </SidePanel>
      <Suspense fallback={null}>
        {asked && (
          <RowsBehindPanel {...{ chartId, reading, asked }} onClose={() => setAsked(null)} />
        )}
      </Suspense>
    </>
  );
}
