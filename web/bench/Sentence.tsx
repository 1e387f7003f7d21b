import { Input } from 'antd';
import type { ChartDefinition, SeriesDefinition } from '../../core/chart';
import type { Reading } from '../../core/reading';
import { Phrase } from '../controls';
import { AgainstSetting } from './phrases/AgainstSetting';
import { ArrangementPhrase } from './phrases/ArrangementPhrase';
import { ChartFiltersPhrase } from './phrases/ChartFiltersPhrase';
import { DerivedPhrase } from './phrases/DerivedPhrase';
import { FiguresFields } from './phrases/FiguresFields';
import { GrainPhrase } from './phrases/GrainPhrase';
import { originKind } from '../../core/origins';
import { SpanPhrase } from './phrases/SpanPhrase';
import { SplitPhrase } from './phrases/SplitPhrase';
import { useChange, useSeriesChange } from './useBench';

/** The chart as one sentence, whose phrases are its settings. */
export function Sentence({ chart, reading }: { chart: ChartDefinition; reading: Reading | null }) {
  const change = useChange();
  const drawn = chart.series.filter(({ hidden }) => !hidden);
  const main = drawn.find(({ role }) => role === 'actual') ?? drawn[0] ?? chart.series[0];
  return (
    <div className="sentence">
      <Input
        variant="borderless"
        className="bench-title"
        aria-label="Title of the chart"
        value={chart.title}
        maxLength={160}
        onChange={(event) =>
          event.target.value.trim() &&
          change((before) => ({ ...before, title: event.target.value }))
        }
      />
      {main && <Phrases chart={chart} main={main} reading={reading} />}
    </div>
  );
}

interface PhrasesProps {
  chart: ChartDefinition;
  main: SeriesDefinition;
  reading: Reading | null;
}

function Phrases({ chart, main, reading }: PhrasesProps) {
  const onChange = useSeriesChange(main.id);
  const props = { chart, series: main, onChange };
  return (
    <p className="sentence-words">
      <Phrase words={main.name} label="Figures">
        <FiguresFields {...props} />
      </Phrase>
      , {originKind(main.figures).say(main.figures)} by <GrainPhrase chart={chart} main={main} />,
      drawn <DerivedPhrase {...props} />, <SplitPhrase {...props} />,{' '}
      <ArrangementPhrase chart={chart} />, <SpanPhrase chart={chart} reading={reading} />,{' '}
      <ChartFiltersPhrase chart={chart} />, <AgainstSetting chart={chart} main={main} />.
    </p>
  );
}
