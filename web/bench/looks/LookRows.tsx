import { Checkbox, Radio } from 'antd';
import type { AxesDefinition, ChartDefinition } from '../../../core/chart';
import { type DateStyle, dateStyles, writeDay, writeFigure } from '../../../core/labels';
import type { Reading } from '../../../core/reading';
import { SelectField } from '../../controls';
import { ListRow, ListSection } from '../ListRow';
import { StaffSample, TapeSample } from '../samples';
import { useChange } from '../useBench';
import { ReplayFields } from './ReplayFields';
import { sayLinking, LinkingFields } from './LinkingFields';
import { ValueAxisSentence } from './ValueAxisSentence';

interface LookRowsProps {
  chart: ChartDefinition;
  reading: Reading | null;
  /** the other charts of its dashboard */
  others: readonly { id: number; title: string }[];
}

/** The scales of a chart and the names on it: how they are written, and which parts are shown. */
export function LookRows({ chart, reading, others }: LookRowsProps) {
  const hasSecond = chart.series.some(({ valueAxis: axis }) => axis === 'second');
  return (
    <ListSection title="Scales and names" empty="">
      {[
        <ListRow
          key="first"
          sample={<StaffSample />}
          name="Value axis"
          found={sayAxis(reading, 'first')}
        >
          <ValueAxisSentence chart={chart} which="first" />
        </ListRow>,
        hasSecond && (
          <ListRow
            key="second"
            sample={<StaffSample />}
            name="Second value axis"
            found={sayAxis(reading, 'second')}
          >
            <ValueAxisSentence chart={chart} which="second" />
          </ListRow>
        ),
        <ListRow
          key="parts"
          sample={<TapeSample />}
          name="Dates, names and parts"
          found={`named ${chart.names.as === 'ends' ? 'at the ends of lines' : 'in a legend'}`}
        >
          <DatesField chart={chart} today={reading?.today ?? 0} />
          <NamesFields chart={chart} />
          <PartsFields chart={chart} />
          <PennantsField chart={chart} />
        </ListRow>,
        <ListRow
          key="replay"
          sample={<TapeSample />}
          name="Replay"
          found={chart.replay?.offered === false ? 'left out' : 'for readers who ask for it'}
        >
          <ReplayFields chart={chart} />
        </ListRow>,
        <ListRow
          key="together"
          sample={<TapeSample />}
          name="Beside other charts"
          found={sayLinking(chart)}
        >
          <LinkingFields {...{ chart, others }} />
        </ListRow>,
      ]}
    </ListSection>
  );
}

function sayAxis(reading: Reading | null, which: 'first' | 'second'): string {
  const panel = reading?.panels[0];
  const axis = which === 'first' ? panel?.axis : panel?.second;
  if (!axis || !reading) return '';
  const format = which === 'first' ? reading.format : reading.secondFormat;
  return `from ${writeFigure(axis.from, format)} to ${writeFigure(axis.to, format)}`;
}

function DatesField({ chart, today }: { chart: ChartDefinition; today: number }) {
  const change = useChange();
  return (
    <SelectField<DateStyle | ''>
      label="Dates are written"
      value={chart.axes.dates ?? ''}
      onChange={(dates) =>
        change((before) => ({ ...before, axes: { ...before.axes, dates: dates || null } }))
      }
      options={[
        { value: '', label: 'as the dashboard writes them' },
        ...dateStyles.map((style) => ({ value: style, label: writeDay(today, style) })),
      ]}
    />
  );
}

function NamesFields({ chart: { names } }: { chart: ChartDefinition }) {
  const change = useChange();
  const set = (more: Partial<typeof names>) =>
    change((before) => ({ ...before, names: { ...before.names, ...more } }));
  return (
    <>
      <Radio.Group
        value={names.as}
        aria-label="Lines are named"
        onChange={(event) => set({ as: event.target.value as 'ends' | 'legend' })}
        options={[
          { value: 'ends', label: 'named at the ends of lines' },
          { value: 'legend', label: 'named in a legend above' },
        ]}
        vertical
      />
      {names.as === 'legend' && (
        <Checkbox
          checked={names.yardsticks}
          onChange={({ target }) => set({ yardsticks: target.checked })}
        >
          Yardsticks in the legend too
        </Checkbox>
      )}
    </>
  );
}

function PennantsField({ chart: { notesHidden = false } }: { chart: ChartDefinition }) {
  const change = useChange();
  return (
    <Checkbox
      checked={!notesHidden}
      onChange={({ target }) => change((before) => ({ ...before, notesHidden: !target.checked }))}
    >
      Pennants of notes
    </Checkbox>
  );
}

const partWords: Record<keyof AxesDefinition['shown'], string> = {
  gridlines: 'Gridlines',
  scales: 'Staff and tape',
  values: 'Values beside the staff',
  dates: 'Periods under the tape',
};

function PartsFields({ chart: { axes } }: { chart: ChartDefinition }) {
  const change = useChange();
  return Object.entries(partWords).map(([part, words]) => (
    <Checkbox
      key={part}
      checked={axes.shown[part as keyof typeof partWords]}
      onChange={({ target }) =>
        change((before) => ({
          ...before,
          axes: { ...before.axes, shown: { ...before.axes.shown, [part]: target.checked } },
        }))
      }
    >
      {words}
    </Checkbox>
  ));
}
