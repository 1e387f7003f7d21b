import { useCallback, useMemo } from 'react';
import type { PlacedChart } from '../../contract';
import { type Narrowing } from '../../core/narrowing';
import { plainLinking } from '../../core/chart';
import { linesOf, type Reading } from '../../core/reading';
import type { At, Highlight } from '../picture';
import { type Linked, type NarrowingHand, type Pointing } from '../pointing';
import type { ReaderView } from './readerView';
import { inAll, nothingLit } from './litView';
import type { ReaderHands } from './useReaderHands';

const none: readonly never[] = [];

/** What was picked in a chart, and what was picked in others and narrows it. */
export function useSheetNarrowings(
  { id, definition: { linking = plainLinking } }: PlacedChart,
  { narrowings }: Pick<ReaderView, 'narrowings'>,
) {
  const { linked } = linking;
  return useMemo(() => {
    const own = narrowings.filter(({ chart }) => chart === id);
    return { own, others: linked ? narrowings.filter((each) => !own.includes(each)) : none };
  }, [narrowings, id, linked]);
}

interface Tied {
  chart: PlacedChart;
  reading: Reading | null;
  view: ReaderView;
  hands: ReaderHands;
  pointing: Pointing;
  /** what was picked in this chart */
  picked: readonly Narrowing[];
}

/** What ties a chart to the others of its dashboard; one that its author lets stand alone has its own. */
export function useSheetTies({ chart, reading, view, hands, pointing, picked }: Tied) {
  const { linked: isLinked, narrows } = chart.definition.linking ?? plainLinking;
  const where = isLinked ? inAll : String(chart.id);
  const { names, at } = view.lit[where] ?? nothingLit;
  const highlight = useHighlight(reading, names, picked);
  const onHighlight = useCallback(
    (ids: Highlight) => {
      const lines = reading ? linesOf(reading) : [];
      hands.light(
        where,
        ids.flatMap((id) => lines.find((line) => line.id === id)?.name ?? []),
      );
    },
    [reading, hands, where],
  );
  const onLight = useCallback((next: At | null) => hands.lightAt(where, next), [hands, where]);
  const narrowing = useMemo(
    (): NarrowingHand | undefined =>
      narrows
        ? {
            picked,
            onPick: (what) => hands.narrow({ ...what, chart: chart.id } as Narrowing),
            onLetGo: hands.widen,
          }
        : undefined,
    [narrows, picked, hands, chart.id],
  );
  const held = useMemo(
    () => (isLinked ? view.held.map(({ day }) => day) : none),
    [isLinked, view.held],
  );
  const linked = useMemo(
    (): Linked => ({
      pointing,
      chart: chart.id,
      held,
      narrowing,
      onHold: hands.hold,
      lit: at,
      onLight,
      onRelease: () => {
        hands.release();
        onLight(null);
      },
    }),
    [pointing, chart.id, held, hands, narrowing, at, onLight],
  );
  // One that stands alone takes no part in pointing, unless what is picked in it is for the others.
  return {
    highlight,
    onHighlight,
    litAt: at,
    onLight,
    linked: isLinked || narrows ? linked : undefined,
  };
}

/** The lines of a chart that are highlighted: by name, or else what is picked, or the author's own. */
function useHighlight(
  reading: Reading | null,
  names: readonly string[] | null,
  picked: readonly Narrowing[],
): Highlight {
  return useMemo(() => {
    const lines = reading ? linesOf(reading) : [];
    const found = (names ?? []).flatMap((name) => {
      const line = lines.find((each) => each.name === name);
      return line ? [line.id] : [];
    });
    // Until the reader chooses among its lines, the author's emphasis stands.
    if (found.length > 0 || names?.length === 0) return found;
    const line = picked.find(({ kind }) => kind === 'line');
    const word =
      line?.kind === 'line' &&
      lines.find(({ seriesId, key }) => seriesId === line.series && key === line.word);
    return word ? [word.id] : (reading?.emphasis ?? found);
  }, [reading, names, picked]);
}
