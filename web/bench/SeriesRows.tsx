import { useState } from 'react';
import { useDispatch } from 'react-redux';
import { type ChartDefinition, roleWords, type SeriesDefinition } from '../../core/chart';
import type { NamedRows } from '../../core/editing';
import { derivedKind } from '../../core/derived';
import { writeFigure } from '../../core/labels';
import { coloursWorn, linesOf, type Reading, type ReadSeries } from '../../core/reading';
import { StrokeSample } from '../look';
import { isLit, withLit } from '../picture';
import { AddTo } from './AddTo';
import { benchActions } from './benchSlice';
import { FoldedLines } from './FoldedLines';
import { ListRow, ListSection } from './ListRow';
import { RowTicks } from './RowTicks';
import { SeriesSentence } from './SeriesSentence';
import { useBenchState } from './useBench';
import { useSeriesOffers } from './useSeriesOffers';

/** The series of a chart; the lines of a split are listed one by one, or folded where they are many. */
export function SeriesRows({
  chart,
  reading,
}: {
  chart: ChartDefinition;
  reading: Reading | null;
}) {
  const { highlight } = useBenchState();
  const dispatch = useDispatch();
  const [ticked, setTicked] = useState<NamedRows | null>(null);
  const offers = useSeriesOffers(chart, setTicked, reading !== null);
  const toggle = (id: string, more: boolean) =>
    dispatch(benchActions.highlighted(withLit(highlight, id, more)));
  const drawn = reading ? linesOf(reading) : [];
  const rows = chart.series.flatMap((definition) => {
    const lines = drawn.filter(({ seriesId }) => seriesId === definition.id);
    if (reading && lines.length > mostListed)
      return (
        <ListRow
          key={definition.id}
          sample={<StrokeSample stroke={inTurn} rules={coloursOf(lines)} />}
          name={definition.name}
          found={`${roleWords[definition.role]}, ${lines.length} lines`}
        >
          <SeriesSentence chart={chart} series={definition} line={null} live="" />
          <FoldedLines
            name={definition.name}
            {...{ lines, reading, highlight }}
            onToggle={toggle}
          />
        </ListRow>
      );
    const shown: (ReadSeries | null)[] = lines.length > 0 ? lines : [null];
    return shown.map((line, place) => (
      <ListRow
        // The first row of a series stays open while the series is split.
        key={place === 0 ? definition.id : line?.id}
        sample={
          line &&
          reading && <StrokeSample stroke={line.stroke} rules={coloursWorn(line, reading)} />
        }
        name={line?.name ?? definition.name}
        found={foundWords(definition, line, reading)}
        figure={
          line && line.last !== null && reading
            ? writeFigure(line.figures[line.last] ?? 0, line.format)
            : ''
        }
        highlighted={isLit(highlight, line?.id)}
        onHighlight={line ? (more) => toggle(line.id, more) : undefined}
      >
        <SeriesSentence
          chart={chart}
          series={definition}
          line={line?.id ?? null}
          live={line && reading ? sayLast(line, reading) : ''}
        />
      </ListRow>
    ));
  });
  return (
    <ListSection
      title="Series"
      empty="No series yet: add one from a source."
      add={<AddTo list="Series" offers={offers} />}
    >
      {ticked
        ? [
            ...rows,
            <RowTicks key="ticks" {...{ chart }} named={ticked} onClose={() => setTicked(null)} />,
          ]
        : rows}
    </ListSection>
  );
}

/** More lines of one series than these are folded into one row. */
const mostListed = 8;

/** The stroke of a sample that shows the colours of several lines. */
const inTurn = { colour: 'ink', dash: 'solid', width: 4 } as const;

/** The first few colours that lines wear, each once. */
const coloursOf = (lines: readonly ReadSeries[]) =>
  [...new Set(lines.map(({ stroke }) => stroke.colour))].slice(0, 6);

function foundWords(
  definition: SeriesDefinition,
  line: ReadSeries | null,
  reading: Reading | null,
): string {
  const { derived, hidden } = definition;
  const role = derived
    ? `${roleWords[definition.role]}, ${derivedKind(derived).say(derived)}`
    : roleWords[definition.role];
  if (hidden) return `${role}, not drawn`;
  if (!line || line.last === null) return `${role}, no figure`;
  const missing = line.figures
    .slice(
      line.figures.findIndex((figure) => figure !== null),
      line.last,
    )
    .filter((figure) => figure === null).length;
  return `${role}, to ${reading?.positions[line.last]?.label ?? ''}${missing > 0 ? `, ${missing} missing` : ''}`;
}

/** The last figure of a line, and where it stands. */
const sayLast = ({ last, figures, format }: ReadSeries, { positions }: Reading): string =>
  last === null
    ? 'It has no figure.'
    : `${writeFigure(figures[last] ?? 0, format)} in ${positions[last]?.label}`;
