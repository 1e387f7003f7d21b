import { ScrollTable } from './ScrollTable';
import { memo, type ReactNode, useMemo, useState } from 'react';
import { coloursWorn, linesOf, type Reading, type ReadSeries } from '../../core/reading';
import { Act, Menu, toast } from '../hands';
import { StrokeSample } from '../look';
import { type FigureRow, figureRows, inWords } from './figureRows';
import { copyFigures, writeFigures } from './figuresFile';
import { type Highlight, isLit, isMore, noHighlight, withLit } from '../picture';

/** Nobody reads more at once; the rest come when they are asked for. */
const mostAtFirst = 100;

/** A figure of a line, by the place of its position. */
export interface FigureAsked {
  line: ReadSeries;
  place: number;
}

/**
 * The figure of a line where it is asked for; null where the line is not drawn.
 * @param id of the line
 * @param place along the axis, from 0
 */
export function figureAsked(reading: Reading, id: string, place: number): FigureAsked | null {
  const line = linesOf(reading).find((each) => each.id === id);
  return line ? { line, place } : null;
}

interface FiguresTableProps {
  reading: Reading;
  height?: number;
  highlight?: Highlight;
  /** missing where nothing is highlighted from here */
  onHighlight?: (highlight: Highlight) => void;
  /** the place of the period that is highlighted */
  litPeriod?: number | null;
  /** missing where no period is highlighted from here */
  onLightPeriod?: (place: number) => void;
  /** the period that is pointed at, here or on the chart */
  pointed?: number | null;
  onPoint?: (place: number | null) => void;
  /** missing for those who may not know where figures come from */
  onAsk?: (asked: FigureAsked) => void;
}

/** By what the rows stand in order: a column, or null for the periods. */
interface Order {
  key: string | null;
  down: boolean;
}

/** The figures behind a chart as a table that scrolls, the latest period first unless sorted. */
export function FiguresTable(props: FiguresTableProps) {
  const { reading, height, highlight = noHighlight, onHighlight, pointed = null } = props;
  const { litPeriod = null, onLightPeriod, onPoint, onAsk } = props;
  const [all, setAll] = useState(false);
  const [order, setOrder] = useState<Order>({ key: null, down: true });
  const rows = useMemo(() => figureRows(reading, 'wide'), [reading]);
  const places = inOrder(reading, rows, order);
  const shown = all ? places : places.slice(0, mostAtFirst);
  const sortBy = (key: string | null) =>
    setOrder({ key, down: order.key === key ? !order.down : true });
  const head = (
    key: string | null,
    { name, unit = '' }: { name: string; unit?: string },
    className: string,
    before?: ReactNode,
  ) => (
    <th
      key={key ?? ''}
      scope="col"
      // What is announced with each figure, without what else can be pressed here.
      aria-label={unit ? `${name}, ${unit}` : name}
      className={className}
      aria-sort={order.key === key ? (order.down ? 'descending' : 'ascending') : undefined}
    >
      {before}
      <button type="button" className="plain sort" onClick={() => sortBy(key)}>
        {name}
        {unit && <span className="head-unit">{unit}</span>}
        <span aria-hidden="true">{order.key === key ? (order.down ? ' ↓' : ' ↑') : ''}</span>
      </button>
    </th>
  );
  return (
    <>
      <div className="figures-tools">
        <Act
          onClick={() => void copyFigures(reading).then(() => toast('Figures copied as cells.'))}
        >
          Copy
        </Act>
        <Menu
          label="Write the figures to a file"
          items={[
            { label: 'as CSV', act: () => void writeFigures(reading, 'csv') },
            { label: 'as a workbook', act: () => void writeFigures(reading, 'xlsx') },
            { label: 'as JSON', act: () => void writeFigures(reading, 'json') },
          ]}
        >
          Write
        </Menu>
      </div>
      <ScrollTable
        label={`Figures of ${reading.title}`}
        height={height}
        head={
          <>
            {head(null, { name: 'Period' }, '')}
            {rows.map(({ key, name, unit, kind, line }) =>
              head(
                key,
                { name, unit },
                `${inWords.has(kind) ? '' : 'figure'}${isLit(highlight, line.id) ? ' lit-column' : ''}`,
                kind === 'figure' && onHighlight && (
                  <LightButton {...{ reading, line, name, highlight, onHighlight }} />
                ),
              ),
            )}
          </>
        }
      >
        {shown.map((place) => (
          <PeriodRow
            key={reading.positions[place]?.start ?? 0}
            {...{ reading, rows, place, highlight, onPoint, onAsk, onLightPeriod }}
            pointed={place === pointed}
            lit={place === litPeriod}
          />
        ))}
      </ScrollTable>
      {shown.length < places.length && (
        <Act onClick={() => setAll(true)}>
          Show all {places.length.toLocaleString('en-GB')} periods
        </Act>
      )}
    </>
  );
}

interface LightButtonProps {
  reading: Reading;
  line: ReadSeries;
  name: string;
  highlight: Highlight;
  onHighlight: (highlight: Highlight) => void;
}

/** A line's own stroke, which highlights it. */
function LightButton({ reading, line, name, highlight, onHighlight }: LightButtonProps) {
  return (
    <button
      type="button"
      className="plain light"
      aria-label={`Highlight ${name}`}
      aria-pressed={isLit(highlight, line.id)}
      onClick={(event) => onHighlight(withLit(highlight, line.id, isMore(event)))}
    >
      <StrokeSample stroke={line.stroke} rules={coloursWorn(line, reading)} />
    </button>
  );
}

interface PeriodRowProps extends Pick<
  FiguresTableProps,
  'reading' | 'onPoint' | 'onAsk' | 'onLightPeriod'
> {
  rows: readonly FigureRow[];
  place: number;
  highlight: Highlight;
  pointed: boolean;
  lit: boolean;
}

/** The figures of one period; the row that is pointed at is written anew, and no other. */
const PeriodRow = memo(function PeriodRow(props: PeriodRowProps) {
  const { reading, rows, place, highlight, pointed, lit } = props;
  const { onPoint, onAsk, onLightPeriod } = props;
  const { label = '', open = false } = reading.positions[place] ?? {};
  return (
    <tr
      className={`${pointed ? 'pointed-row' : ''}${lit ? ' lit-row' : ''}`}
      onPointerEnter={() => onPoint?.(place)}
      onPointerLeave={() => onPoint?.(null)}
    >
      <th scope="row" aria-label={open ? `${label}, open` : label}>
        {onLightPeriod ? (
          <button
            type="button"
            className="plain sort"
            aria-label={`${label}: highlight it`}
            aria-pressed={lit}
            onClick={() => onLightPeriod(place)}
          >
            {label}
          </button>
        ) : (
          label
        )}
        {open && <span className="quiet">, open</span>}
      </th>
      {rows.map((row) => (
        <FigureCell
          key={row.key}
          {...{ row, place, label, onAsk }}
          lit={isLit(highlight, row.line.id)}
        />
      ))}
    </tr>
  );
});

/** The places of the periods in the order asked for; what is missing comes last either way. */
function inOrder(
  { positions }: Reading,
  rows: readonly FigureRow[],
  { key, down }: Order,
): readonly number[] {
  const places = positions.map((_, place) => place);
  const values = rows.find((row) => row.key === key)?.values;
  const way = down ? -1 : 1;
  if (!values) return down ? places.reverse() : places;
  return places.sort((a, b) => {
    const [one, two] = [values[a] ?? null, values[b] ?? null];
    if (one === null || two === null) return Number(one === null) - Number(two === null);
    return way * (one < two ? -1 : one > two ? 1 : 0);
  });
}

interface FigureCellProps extends Pick<FiguresTableProps, 'onAsk'> {
  row: FigureRow;
  place: number;
  label: string;
  lit: boolean;
}

function FigureCell({
  row: { kind, cell: cellAt, line, name },
  place,
  label,
  lit,
  onAsk,
}: FigureCellProps) {
  const cell = cellAt(place);
  if (inWords.has(kind)) return <td>{cell.full}</td>;
  const judged = kind === 'difference' || kind === 'percent';
  const text =
    judged && cell.judgement === 'off' ? <span className="off-cell">{cell.text}</span> : cell.text;
  // The rest of a ranking has no rows of its own.
  const asks = onAsk && kind === 'figure' && cell.text && !line.others;
  return (
    <td className={`figure${lit ? ' lit-column' : ''}`} title={cell.full}>
      {asks ? (
        <button
          type="button"
          className="plain ask"
          aria-label={`${cell.text}, ${name}, ${label}: where does this come from?`}
          onClick={() => onAsk({ line, place })}
        >
          {text}
        </button>
      ) : (
        text
      )}
    </td>
  );
}
