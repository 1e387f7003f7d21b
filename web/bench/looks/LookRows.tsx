import type { ReactNode } from 'react';
import type { Dashboard } from '../../../contract';
import { type ChartDefinition, plainLinking, plainReplay } from '../../../core/chart';
import { writeFigure } from '../../../core/labels';
import type { Reading } from '../../../core/reading';
import type { Sentence } from '../../../core/sentences';
import { axisSaid, linkingSaid, lookLines, replaySaid, secondAxisSaid } from '../../../core/text';
import { ListRow, ListSection } from '../ListRow';
import { StaffSample, TapeSample } from '../samples';
import { NewCompanion } from '../../companions';
import { SaidPhrases } from '../../sentences';
import { useChange } from '../useBench';
import { ReplayHint, SlotsHint } from './SlotsHint';

interface LookRowsProps {
  chart: ChartDefinition;
  reading: Reading | null;
  /** what it stands on; missing until it is known */
  dashboard: Dashboard | undefined;
}

const firstAxisSaid = axisSaid('the value axis');

/** What of the look stands in rows of its own, by the beginning of its path. */
const elsewhere = /^(axes\.(first|second)|replay|linking|emphasis)/;

/** The scales of a chart and the names on it: how they are written, and which parts are shown. */
export function LookRows({ chart, reading, dashboard }: LookRowsProps) {
  const change = useChange();
  const hasSecond = chart.series.some(({ valueAxis: axis }) => axis === 'second');
  const set = (more: Partial<ChartDefinition>) => change((before) => ({ ...before, ...more }));
  const setAxis = (more: Partial<ChartDefinition['axes']>) =>
    change((before) => ({ ...before, axes: { ...before.axes, ...more } }));
  return (
    <ListSection title="Scales and names" empty="">
      <LookRow
        name="Value axis"
        sample={<StaffSample />}
        found={sayAxis(reading, 'first')}
        said={firstAxisSaid}
        definition={chart.axes.first}
        onChange={(first) => setAxis({ first })}
      >
        <SlotsHint chart={chart} />
      </LookRow>
      {hasSecond && (
        <LookRow
          name="Second value axis"
          sample={<StaffSample />}
          found={sayAxis(reading, 'second')}
          said={secondAxisSaid}
          definition={chart.axes.second}
          onChange={(second) => setAxis({ second })}
        />
      )}
      <LookRow
        name="Dates, names and parts"
        sample={<TapeSample />}
        found={`named ${chart.names.as === 'ends' ? 'at the ends of lines' : 'in a legend'}`}
        said={lookLines}
        definition={chart}
        not={(path) => elsewhere.test(path)}
        onChange={set}
      />
      <LookRow
        name="Replay"
        sample={<TapeSample />}
        found={chart.replay?.offered === false ? 'left out' : 'for readers who ask for it'}
        said={replaySaid}
        definition={chart.replay ?? plainReplay}
        onChange={(replay) => set({ replay })}
      >
        <ReplayHint />
      </LookRow>
      <LookRow
        name="With the dashboard’s other charts"
        sample={<TapeSample />}
        found={chart.linking?.linked === false ? 'stands alone' : 'linked'}
        said={linkingSaid}
        definition={chart.linking ?? plainLinking}
        onChange={(linking) => set({ linking })}
      >
        {dashboard && !chart.linking?.peek && (
          <NewCompanion
            {...{ dashboard, chart }}
            onMade={(peek) =>
              change((before) => ({
                ...before,
                linking: { ...(before.linking ?? plainLinking), peek },
              }))
            }
          />
        )}
      </LookRow>
    </ListSection>
  );
}

interface LookRowProps<Definition extends object> {
  name: string;
  sample: ReactNode;
  found: string;
  said: Sentence<Definition>;
  definition: Definition;
  not?: (path: string) => boolean;
  onChange: (definition: Definition) => void;
  children?: ReactNode;
}

/** One side of the look, in what is not plain of it. */
function LookRow<Definition extends object>(props: LookRowProps<Definition>) {
  const { name, sample, found, children, ...said } = props;
  return (
    <ListRow {...{ sample, name, found }}>
      <p className="row-sentence">
        <SaidPhrases {...said} name={name} />
      </p>
      {children}
    </ListRow>
  );
}

function sayAxis(reading: Reading | null, which: 'first' | 'second'): string {
  const panel = reading?.panels[0];
  const axis = which === 'first' ? panel?.axis : panel?.second;
  if (!axis || !reading) return '';
  const format = which === 'first' ? reading.format : reading.secondFormat;
  return `from ${writeFigure(axis.from, format)} to ${writeFigure(axis.to, format)}`;
}
