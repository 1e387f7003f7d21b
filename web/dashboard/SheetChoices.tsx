import type { PlacedChart } from '../../contract';
import { arrangementKind } from '../../core/arrangements';
import type { Grain } from '../../core/calendar';
import { atGrain, grainsOffered } from '../../core/figures';
import type { Reading } from '../../core/reading';
import { GrainChoiceField, PeriodChoiceField } from '../plot';
import { type Highlight } from '../picture';
import { LineGroups } from './LineGroups';
import type { ReaderHands } from './useReaderHands';

interface SheetChoicesProps {
  chart: PlacedChart;
  reading: Reading | null;
  hands: ReaderHands;
  /** the grain that the reader has chosen; undefined: as the author has it */
  grain: Grain | undefined;
  highlight: Highlight;
  onHighlight: (highlight: Highlight) => void;
}

/** What a reader can choose in a chart: a category to highlight, the grain, the period. */
export function SheetChoices({ chart, reading, hands, grain, ...lit }: SheetChoicesProps) {
  const grains = grainsOffered(chart.definition);
  const { choosesPeriod } = arrangementKind(chart.definition.arrangement);
  return (
    <>
      {reading && <LineGroups {...{ reading, ...lit }} />}
      {grains.length > 0 && (
        <GrainChoiceField
          grains={grains}
          grain={atGrain(chart.definition, grain).grain}
          onChoose={(next) => hands.chooseGrain(chart.id, next)}
        />
      )}
      {choosesPeriod && (
        // Its room is there before the periods are known: the picture is drawn once.
        <div className="period-choice small">
          {reading?.choice && (
            <PeriodChoiceField
              choice={reading.choice}
              onChoose={(start) => hands.choosePeriod(chart.id, start)}
            />
          )}
        </div>
      )}
    </>
  );
}
