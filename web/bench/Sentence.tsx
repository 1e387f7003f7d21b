import { Input } from 'antd';
import { type ReactNode, useState } from 'react';
import type { ChartDefinition, SeriesDefinition } from '../../core/chart';
import { originKind } from '../../core/origins';
import type { Reading } from '../../core/reading';
import type { Names } from '../../core/sentences';
import type { Typed } from '../../core/text';
import { Phrase } from '../controls';
import { AgainstSetting } from './phrases/AgainstSetting';
import { ArrangementPhrase } from './phrases/ArrangementPhrase';
import { ChartFiltersPhrase } from './phrases/ChartFiltersPhrase';
import { DerivedPhrase } from './phrases/DerivedPhrase';
import { FiguresFields } from './phrases/FiguresFields';
import { GrainPhrase } from './phrases/GrainPhrase';
import { SpanPhrase } from './phrases/SpanPhrase';
import { SplitPhrase } from './phrases/SplitPhrase';
import { TypedPart } from './typed/TypedPart';
import { addKey, useAddKey } from './typed/useAddKey';
import { useChange, useSeriesChange } from './useBench';

interface SentenceProps {
  chart: ChartDefinition;
  reading: Reading | null;
  /** what can be named beside what the chart holds */
  around: Names;
  onPreview: (typed: Typed | null) => void;
}

/** The chart as one sentence, whose phrases are its settings. */
export function Sentence({ chart, reading, around, onPreview }: SentenceProps) {
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
      {main && <Phrases {...{ chart, main, reading, around, onPreview }} />}
    </div>
  );
}

/** A phrase that is silent while what it sets is plain. */
interface Silent {
  key: string;
  plain: boolean;
  /** what stands before it in the sentence */
  lead: string;
  phrase: ReactNode;
}

interface PhrasesProps extends SentenceProps {
  main: SeriesDefinition;
}

/** What is not plain of a chart, and behind one handle what else can be said of it. */
function Phrases({ chart, main, reading, around, onPreview }: PhrasesProps) {
  const onChange = useSeriesChange(main.id);
  const props = { chart, series: main, onChange };
  const silent: Silent[] = [
    {
      key: 'derived',
      plain: main.derived === null,
      lead: ', drawn ',
      phrase: <DerivedPhrase {...props} />,
    },
    { key: 'split', plain: main.split === null, lead: ', ', phrase: <SplitPhrase {...props} /> },
    {
      key: 'arrangement',
      plain: chart.arrangement.kind === 'one',
      lead: ', ',
      phrase: <ArrangementPhrase chart={chart} />,
    },
    {
      key: 'filters',
      plain: chart.filters.length === 0,
      lead: ', ',
      phrase: <ChartFiltersPhrase chart={chart} />,
    },
    {
      key: 'against',
      plain: main.mark === null,
      lead: ', ',
      phrase: <AgainstSetting chart={chart} main={main} />,
    },
  ];
  // What was plain when the handle was pressed stays where it is set until the handle is closed.
  const [offered, setOffered] = useState<readonly string[] | null>(null);
  const open = () => setOffered(silent.flatMap(({ key, plain }) => (plain ? [key] : [])));
  useAddKey(open);
  const isSaid = ({ key, plain }: Silent) => (offered ? !offered.includes(key) : !plain);
  const taken = originKind(main.figures).say(main.figures);
  return (
    <>
      <p className="sentence-words">
        <Phrase words={main.name} label="Figures">
          <FiguresFields {...props} />
        </Phrase>
        {taken === plainlyTaken ? '' : `, ${taken}`} by <GrainPhrase chart={chart} main={main} />,{' '}
        <SpanPhrase chart={chart} reading={reading} />
        {silent.filter(isSaid).map(({ key, lead, phrase }) => (
          <span key={key}>
            {lead}
            {phrase}
          </span>
        ))}
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
          {silent
            .filter(({ key }) => offered.includes(key))
            .map(({ key, phrase }) => (
              <span key={key}>{phrase}</span>
            ))}
        </TypedPart>
      )}
    </>
  );
}

/** What figures are taken as unless it is said. */
const plainlyTaken = 'summed';
