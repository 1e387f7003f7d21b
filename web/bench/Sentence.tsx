import { Input } from 'antd';
import { useState } from 'react';
import type { ChartDefinition, SeriesDefinition } from '../../core/chart';
import { originKind } from '../../core/origins';
import type { Reading } from '../../core/reading';
import type { Names } from '../../core/sentences';
import { type Head, headLine, seriesSaid, type Typed } from '../../core/text';
import { Phrase } from '../controls';
import { AgainstSetting, MoreOfMark } from './phrases/AgainstSetting';
import { ChartFiltersPhrase } from './phrases/ChartFiltersPhrase';
import { FiguresFields } from './phrases/FiguresFields';
import { GrainPhrase } from './phrases/GrainPhrase';
import { SpanPhrase } from './phrases/SpanPhrase';
import { PartName } from './PartName';
import { notSaid } from './seriesPhrase';
import { MoreOf, SaidPhrases } from '../sentences';
import { useOrdered } from './useOrdered';
import { TypedPart } from './typed/TypedPart';
import { addKey, useAddKey } from './typed/useAddKey';
import { useChange, useSeriesChange } from './useBench';

interface SentenceProps {
  chart: ChartDefinition;
  reading: Reading | null;
  /** what it will say hangs on a reading that is on its way */
  unread: boolean;
  /** what can be named beside what the chart holds */
  around: Names;
  onPreview: (typed: Typed | null) => void;
}

/** The chart as one sentence, whose phrases are its settings. */
export function Sentence({ chart, reading, unread, around, onPreview }: SentenceProps) {
  const change = useChange();
  const drawn = chart.series.filter(({ hidden }) => !hidden);
  const main = drawn.find(({ role }) => role === 'actual') ?? drawn[0] ?? chart.series[0];
  return (
    <div className={unread ? 'sentence unread' : 'sentence'}>
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
      {main && <Phrases {...{ chart, main, reading, around, onPreview }} />}
    </div>
  );
}

interface PhrasesProps extends Omit<SentenceProps, 'unread'> {
  main: SeriesDefinition;
}

/** What the sentence says of its main series, where it is not plain, and of the chart. */
const ofSeries = ['derived', 'split'];
const ofChart = ['yearStart', 'arrangement', 'readerGrains'];

/** What is not plain of a chart, and behind one handle what else can be said of it. */
function Phrases({ chart, main, reading, around, onPreview }: PhrasesProps) {
  const change = useChange();
  const onChange = useSeriesChange(main.id);
  const onSaid = useOrdered(main, onChange);
  const props = { chart, series: main, onChange };
  // What was plain when the handle was pressed stays where it is set until the handle is closed.
  const [offered, setOffered] = useState<{ filters: boolean; against: boolean } | null>(null);
  const open = () =>
    setOffered({ filters: chart.filters.length === 0, against: main.mark === null });
  useAddKey(open);
  const series = { said: seriesSaid, definition: main, name: main.name, onChange: onSaid };
  const head = {
    said: headLine,
    definition: chart,
    name: 'the chart',
    onChange: (next: Head) => change((before) => ({ ...before, ...next })),
  };
  const taken = originKind(main.figures).say(main.figures);
  const filters = <ChartFiltersPhrase chart={chart} />;
  const against = <AgainstSetting chart={chart} main={main} quiet />;
  return (
    <>
      <p className="sentence-words">
        <Phrase words={main.name} label="Figures">
          <FiguresFields {...props} />
          <PartName chart={chart} part={{ of: 'series', id: main.id }} value={main.name} />
        </Phrase>
        {taken === plainlyTaken ? '' : `, ${taken}`} by <GrainPhrase chart={chart} main={main} />,{' '}
        <SpanPhrase chart={chart} reading={reading} />
        <SaidPhrases {...series} only={ofSeries} />
        <SaidPhrases {...head} only={ofChart} />
        {chart.filters.length > 0 && !offered?.filters && <>, {filters}</>}
        {main.mark !== null && !offered?.against && <>, {against}</>}
        {'. '}
        {!offered && (
          <button
            type="button"
            className="phrase typed-handle"
            aria-keyshortcuts={addKey}
            title={`Say what to add (${addKey})`}
            onClick={open}
          >
            and …
          </button>
        )}
      </p>
      {offered && (
        <TypedPart {...{ chart, reading, around, onPreview }} onClose={() => setOffered(null)}>
          {offered.against && <span>{against}</span>}
          {offered.filters && <span>{filters}</span>}
          <MoreOf {...series} words={main.name} not={(path) => notSaid(main)(path)} />
          <MoreOfMark {...main} />
          <MoreOf {...head} words="the chart" not={(path) => path === 'span'} />
        </TypedPart>
      )}
    </>
  );
}

/** What figures are taken as unless it is said. */
const plainlyTaken = 'summed';
