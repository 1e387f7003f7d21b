import { memo } from 'react';
import { Act, Menu, type MenuItem } from '../hands';
import { type ChartAct, chartActs, type PointedChart } from './chartActs';

interface PointedActsProps {
  chart: PointedChart;
  /** the same function while the chart is */
  onAct: (act: ChartAct) => void;
  /** what can be done with the whole chart, behind the same word */
  more: readonly MenuItem[];
  /** the list of it is about to be read */
  onMore?: () => void;
}

/** What can be done with what is pointed at, in words; where there is no room, behind one. */
export function PointedActs({ chart, onAct, more, onMore }: PointedActsProps) {
  const offered = chartActs.map((act) =>
    !chart.at || !act.can(chart) ? '-' : act.isDone?.(chart) ? 'done' : act.isDone ? 'not' : 'once',
  );
  return (
    <Offered offered={offered.join(' ')} {...{ onAct, more, onMore }} title={chart.reading.title} />
  );
}

interface OfferedProps extends Pick<PointedActsProps, 'onAct' | 'more' | 'onMore'> {
  /** of the chart */
  title: string;
  /** by act: whether it is offered, and whether it is done, as words that can be compared */
  offered: string;
}

const Offered = memo(function Offered({ offered, onAct, more, onMore, title }: OfferedProps) {
  const states = offered.split(' ');
  const acts = chartActs.flatMap((act, at) => {
    const state = states[at];
    return state === '-' || state === undefined ? [] : [{ act, state }];
  });
  return (
    <>
      <div className="read-out-acts" hidden={acts.length === 0}>
        {acts.map(({ act, state }) => (
          <Act
            key={act.words}
            aria-pressed={state === 'once' ? undefined : state === 'done'}
            onClick={() => onAct(act)}
          >
            {act.words}
          </Act>
        ))}
      </div>
      <div className={more.length > 0 ? 'read-out-menu' : 'read-out-menu alone'}>
        <Menu
          label={`Do something with ${title}`}
          onOpen={onMore}
          items={[
            ...acts.map(({ act, state }) => ({
              label: state === 'done' ? `${act.words}: no more` : act.words,
              act: () => onAct(act),
            })),
            ...more,
          ]}
        >
          Do…
        </Menu>
      </div>
    </>
  );
});
