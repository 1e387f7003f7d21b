import { rowsOf } from '../../core/origins';
import { useDispatch } from 'react-redux';
import {
  type ChartDefinition,
  plainStroke,
  roleWords,
  type SeriesDefinition,
} from '../../core/chart';
import { draftSeries, freshId, nextPlace } from '../../core/editing';
import { derivedKind } from '../../core/derived';
import { writeFigure } from '../../core/labels';
import { coloursWorn, linesOf, type Reading, type ReadSeries } from '../../core/reading';
import { api } from '../api';
import { StrokeSample } from '../look';
import { isLit, withLit } from '../picture';
import { AddTo } from './AddTo';
import { benchActions } from './benchSlice';
import { FoldedLines } from './FoldedLines';
import { ListRow, ListSection } from './ListRow';
import { SeriesSentence } from './SeriesSentence';
import { useBenchState, useChange } from './useBench';

/** The series of a chart; the lines of a split are listed one by one, or folded where they are many. */
export function SeriesRows({
  chart,
  reading,
}: {
  chart: ChartDefinition;
  reading: Reading | null;
}) {
  const change = useChange();
  const { highlight } = useBenchState();
  const dispatch = useDispatch();
  const { data: sources } = api.useSourcesQuery();
  const ids = chart.series.map(({ id }) => id);
  const put = (series: SeriesDefinition) =>
    change((before) => ({
      ...before,
      // Its place in the palette is its own from now on, whatever is added or removed later.
      series: [
        ...before.series,
        { ...series, stroke: { ...series.stroke, place: nextPlace(before) } },
      ],
    }));
  const add = (sourceId: number) => {
    const source = sources?.find(({ id }) => id === sourceId);
    if (!source) return;
    const drawn = chart.series.flatMap(({ figures }) => {
      const rows = rowsOf(figures);
      return rows?.sourceId === sourceId ? (rows.column ?? []) : [];
    });
    put(draftSeries(source, freshId('series', ids), 'other', drawn));
  };
  const work = () => {
    const [first] = chart.series;
    if (!first) return;
    put({
      ...first,
      id: freshId('formula', ids),
      name: 'Formula',
      role: 'other',
      figures: { kind: 'formula', text: '' },
      derived: null,
      split: null,
      mark: null,
      handover: null,
      hidden: false,
      stroke: plainStroke,
    });
  };
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
      add={
        <AddTo
          list="Series"
          offers={() => [
            ...(sources ?? []).map(({ id, name }) => ({
              label: `from ${name}`,
              take: () => add(id),
            })),
            { label: 'worked out from others', take: work },
          ]}
        />
      }
    >
      {rows}
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
