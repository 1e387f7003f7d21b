import type { ReactNode } from 'react';
import { useDispatch } from 'react-redux';
import type { ChartDefinition, SeriesDefinition } from '../../core/chart';
import { hangingOn, splitAlong, withChanged, withoutPart } from '../../core/editing';
import { seriesSaid } from '../../core/text';
import { Act } from '../controls';
import { toastUndo } from '../hands';
import { benchActions } from './benchSlice';
import { AgainstSetting } from './phrases/AgainstSetting';
import { FiguresFields } from './phrases/FiguresFields';
import { PartName } from './PartName';
import { notSaid } from './seriesPhrase';
import { SaidPhrases, useAbout } from '../sentences';
import { useChange } from './useBench';
import { useOrdered } from './useOrdered';
import { Remove } from './usePart';

interface SeriesSentenceProps {
  chart: ChartDefinition;
  series: SeriesDefinition;
  /** the line whose row it is; null without a figure */
  line: string | null;
  /** its last figure, in words */
  live: string;
}

/** A series as a sentence, whose phrases are its settings, and what can be done with it. */
export function SeriesSentence({ chart, series, line, live }: SeriesSentenceProps) {
  const change = useChange();
  const { source = [] } = useAbout().names;
  const onChange = (more: Partial<SeriesDefinition>) =>
    change((before) => {
      const changed = withChanged(before, series.id, more);
      // What a series is held against is split along with it.
      return more.split ? splitAlong(changed, series.id, source) : changed;
    });
  const onSaid = useOrdered(series, onChange);
  const props = { chart, series, onChange };
  return (
    <>
      <p className="row-sentence">
        <SaidPhrases
          said={seriesSaid}
          definition={series}
          name={series.name}
          own={{ figures: () => <FiguresFields {...props} live={live} /> }}
          not={notSaid(series)}
          onChange={onSaid}
        />
      </p>
      <p className="row-sentence">
        It is <AgainstSetting chart={chart} main={series} />.
      </p>
      <PartName chart={chart} part={{ of: 'series', id: series.id }} value={series.name} />
      <SeriesActs {...props} line={line} />
    </>
  );
}

function SeriesActs({
  chart,
  series,
  line,
  onChange,
}: Omit<SeriesSentenceProps, 'live'> & { onChange: (more: Partial<SeriesDefinition>) => void }) {
  const change = useChange();
  const dispatch = useDispatch();
  const place = chart.series.indexOf(series);
  const move = (by: -1 | 1) =>
    change((before) => {
      const moved = [...before.series];
      moved.splice(place + by, 0, ...moved.splice(place, 1));
      return { ...before, series: moved };
    });
  const remove = () => {
    change((before) => withoutPart(before, { of: 'series', id: series.id }));
    toastUndo(`${series.name} removed.`, () => dispatch(benchActions.undone()));
  };
  const act = (words: ReactNode, run: () => void, disabled = false) => (
    <Act onClick={run} disabled={disabled}>
      {words}
    </Act>
  );
  return (
    <div className="row series-acts">
      {act(series.hidden ? 'Draw it' : 'Do not draw it', () =>
        onChange({ hidden: !series.hidden }),
      )}
      {line &&
        act(chart.emphasis === line ? 'Open without emphasis' : 'Open with it highlighted', () =>
          change((before) => ({
            ...before,
            emphasis: before.emphasis === line ? null : line,
            // What is chosen by hand takes the place of what was found.
            emphasises: undefined,
          })),
        )}
      {act('Earlier', () => move(-1), place === 0)}
      {act('Later', () => move(1), place === chart.series.length - 1)}
      {chart.series.length > 1 && (
        <Remove
          name={series.name}
          hanging={hangingOn(chart, { of: 'series', id: series.id })}
          onRemove={remove}
        />
      )}
    </div>
  );
}
