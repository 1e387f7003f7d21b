import { DatePicker, Input, Radio } from 'antd';
import dayjs from 'dayjs';
import { type Grain, grains, parseDay } from '../../core/calendar';
import type { ChartDefinition, SeriesDefinition } from '../../core/chart';
import { writeDay } from '../../core/labels';
import type { Reading } from '../../core/reading';
import { api } from '../api';
import { SelectField } from '../controls';
import { AgainstSetting } from './AgainstSetting';
import { FiguresFields } from './FiguresFields';
import { Phrase } from '../controls';
import { useChange } from './useBench';

const summed: Record<SeriesDefinition['figures']['aggregate'], string> = {
  sum: 'summed',
  mean: 'the mean',
  median: 'the median',
  min: 'the lowest',
  max: 'the highest',
  count: 'counted',
  distinct: 'counted once each',
  first: 'the first',
  last: 'the last',
};

/** The chart as one sentence, whose phrases are its settings. */
export function Sentence({ chart, reading }: { chart: ChartDefinition; reading: Reading | null }) {
  const change = useChange();
  const main = chart.series.find(({ role }) => role === 'actual') ?? chart.series[0];
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
  const change = useChange();
  const changeMain = (more: Partial<SeriesDefinition>) =>
    change((before) => ({
      ...before,
      series: before.series.map((each) => (each.id === main.id ? { ...each, ...more } : each)),
    }));
  const { data: sources } = api.useSourcesQuery();
  const source = sources?.find(({ id }) => id === main.figures.sourceId);
  return (
    <p className="sentence-words">
      <Phrase words={main.name} label="Figures">
        <FiguresFields series={main} onChange={changeMain} />
      </Phrase>
      , {summed[main.figures.aggregate]} by{' '}
      <Phrase words={chart.grain} label="Period">
        <Radio.Group
          value={chart.grain}
          onChange={(event) =>
            change((before) => ({ ...before, grain: event.target.value as Grain }))
          }
          options={grains.map((grain) => ({ value: grain, label: grain }))}
          vertical
        />
      </Phrase>{' '}
      from <SpanPhrase chart={chart} end="from" found={reading?.periods[0]?.label} /> to{' '}
      <SpanPhrase chart={chart} end="to" found={reading?.periods.at(-1)?.label} />,{' '}
      <Phrase
        words={main.split ? `a line for each ${main.split.column}` : 'all in one line'}
        label="Split"
      >
        <SplitFields
          series={main}
          columns={
            source?.columns.filter(({ kind }) => kind === 'text').map(({ name }) => name) ?? []
          }
          onChange={changeMain}
        />
      </Phrase>
      , <AgainstSetting chart={chart} main={main} />.
    </p>
  );
}

interface SpanPhraseProps {
  chart: ChartDefinition;
  end: 'from' | 'to';
  /** the period that the figures themselves give */
  found: string | undefined;
}

function SpanPhrase({ chart, end, found }: SpanPhraseProps) {
  const change = useChange();
  const set = chart.span[end];
  const words = set
    ? writeDay(parseDay(set) ?? 0)
    : (found ?? (end === 'from' ? 'the first figure' : 'the last'));
  const put = (date: string | null) =>
    change((before) => ({ ...before, span: { ...before.span, [end]: date } }));
  return (
    <Phrase words={words} label={end === 'from' ? 'Shown from' : 'Shown to'}>
      <DatePicker
        value={set ? dayjs(set) : null}
        format="D MMM YYYY"
        aria-label={end === 'from' ? 'First day shown' : 'Last day shown'}
        placeholder={words}
        onChange={(value) => put(value ? value.format('YYYY-MM-DD') : null)}
      />
      <button type="button" className="act" onClick={() => put(null)} disabled={!set}>
        {end === 'from' ? 'From the first figure' : 'To the last figure'}
      </button>
    </Phrase>
  );
}

interface SplitFieldsProps {
  series: SeriesDefinition;
  columns: string[];
  onChange: (more: Partial<SeriesDefinition>) => void;
}

function SplitFields({ series, columns, onChange }: SplitFieldsProps) {
  const [ask] = api.useLazyWordsQuery();
  const choose = async (column: string) => {
    if (!column) return onChange({ split: null });
    const order = await ask({ sourceId: series.figures.sourceId, column }).unwrap();
    return onChange({ split: { column, order } });
  };
  return (
    <SelectField
      label="Split by"
      value={series.split?.column ?? ''}
      onChange={(value) => void choose(value)}
      options={[
        { value: '', label: 'nothing: all in one line' },
        ...columns.map((name) => ({ value: name, label: name })),
      ]}
    />
  );
}
