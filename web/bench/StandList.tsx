import { Dropdown } from 'antd';
import type { Note } from '../../contract';
import { type ChartDefinition, freshId } from '../../core/chart';
import { countPeriods, writeDay, writeFigure } from '../../core/labels';
import type { Reading } from '../../core/reading';
import { page, StrokeSample } from '../look';
import { NotesList } from '../notes';
import { ListRow, ListSection } from './ListRow';
import { RuleSettings, StandoutSettings, YardstickSettings } from './settings';
import { SeriesRows } from './SeriesRows';
import { useChange } from './useBench';

interface StandListProps {
  chart: ChartDefinition;
  reading: Reading | null;
  notes: readonly Note[];
  notesShown: boolean;
  onShowNotes: (shown: boolean) => void;
  onWriteNote: () => void;
  onEditNote: (note: Note) => void;
}

/** Everything that stands on the chart, in one list that is also its legend. */
export function StandList({
  chart,
  reading,
  notes,
  notesShown,
  onShowNotes,
  onWriteNote,
  onEditNote,
}: StandListProps) {
  return (
    <aside className="stand-list" aria-label="What stands on the chart">
      <SeriesRows chart={chart} reading={reading} />
      <Yardsticks chart={chart} reading={reading} />
      <Rules chart={chart} reading={reading} />
      <Standouts chart={chart} reading={reading} />
      <section className="list-section" aria-label="Notes">
        <header>
          <h3>Notes</h3>
          <span className="row">
            {notes.length > 0 && (
              <button type="button" className="act" onClick={() => onShowNotes(!notesShown)}>
                {notesShown ? 'Hide' : `Show ${notes.length}`}
              </button>
            )}
            <button type="button" className="act" onClick={onWriteNote}>
              Write
            </button>
          </span>
        </header>
        {notes.length === 0 && (
          <p className="quiet small list-empty">
            Click a point or a date on the chart to write one.
          </p>
        )}
        {notesShown && (
          <NotesList
            notes={notes}
            readings={
              reading ? Object.fromEntries(notes.map(({ chartId }) => [chartId, reading])) : {}
            }
            onEdit={onEditNote}
          />
        )}
      </section>
    </aside>
  );
}

interface PartProps {
  chart: ChartDefinition;
  reading: Reading | null;
}

function Add({ items }: { items: { label: string; add: () => void }[] }) {
  return (
    <Dropdown
      trigger={['click']}
      menu={{ items: items.map(({ label, add }) => ({ key: label, label, onClick: add })) }}
    >
      <button type="button" className="act">
        Add
      </button>
    </Dropdown>
  );
}

function Yardsticks({ chart, reading }: PartProps) {
  const change = useChange();
  const main = chart.series[0];
  const ids = chart.yardsticks.map(({ id }) => id);
  const level = reading ? (reading.axis.from + reading.axis.to) / 2 : 0;
  const add = (yardstick: ChartDefinition['yardsticks'][number]) =>
    change((before) => ({ ...before, yardsticks: [...before.yardsticks, yardstick] }));
  const line = (
    name: string,
    value:
      | { kind: 'number'; number: number }
      | { kind: 'statistic'; statistic: 'mean' | 'median'; series: string },
  ) => ({
    label: name,
    add: () => add({ id: freshId('level', ids), kind: 'line', name, value, onAxis: true }),
  });
  const items = [
    line('Level', { kind: 'number', number: Number(level.toPrecision(2)) }),
    ...(main
      ? [
          line('Mean', { kind: 'statistic', statistic: 'mean', series: main.id }),
          line('Median', { kind: 'statistic', statistic: 'median', series: main.id }),
        ]
      : []),
    { label: 'Today', add: () => add({ id: freshId('today', ids), kind: 'today', offsetDays: 0 }) },
  ];
  return (
    <ListSection
      title="Yardsticks"
      add={<Add items={items} />}
      empty="None yet: a level, a mean, today."
    >
      {chart.yardsticks.map((yardstick) => {
        const found = reading?.yardsticks.find(({ id }) => id === yardstick.id);
        if (yardstick.kind === 'today') {
          const offset = Math.abs(yardstick.offsetDays);
          const side = yardstick.offsetDays < 0 ? 'before' : 'after';
          const shown = found?.kind === 'today' && found.shown;
          return (
            <ListRow
              key={yardstick.id}
              sample={<TodaySample />}
              name="Today"
              found={[
                offset === 0 ? 'no offset' : `${countPeriods(offset, 'day')} ${side}`,
                shown ? '' : 'outside the periods shown',
              ]
                .filter(Boolean)
                .join(', ')}
              figure={found?.kind === 'today' ? writeDay(found.day).replace(/ \d{4}$/, '') : ''}
            >
              <YardstickSettings chart={chart} yardstick={yardstick} />
            </ListRow>
          );
        }
        const value = found?.kind === 'line' ? found.value : null;
        return (
          <ListRow
            key={yardstick.id}
            sample={<LevelSample />}
            name={yardstick.name}
            found={found?.kind === 'line' && found.scope ? found.scope : 'a fixed number'}
            figure={value === null || !reading ? 'no value' : writeFigure(value, reading.format)}
          >
            <YardstickSettings chart={chart} yardstick={yardstick} />
          </ListRow>
        );
      })}
    </ListSection>
  );
}

function Rules({ chart, reading }: PartProps) {
  const change = useChange();
  const compared = chart.series.filter(({ mark }) => mark);
  const ids = chart.colourRules.map(({ id }) => id);
  const items = compared.flatMap((series) =>
    (['offMark', 'onMark'] as const).map((when) => ({
      label: `${series.name} ${when === 'offMark' ? 'off' : 'on'} its mark`,
      add: () =>
        change((before) => ({
          ...before,
          colourRules: [
            ...before.colourRules,
            {
              id: freshId('rule', ids),
              series: series.id,
              when,
              colour: when === 'offMark' ? 'brick' : 'indigo',
            },
          ],
        })),
    })),
  );
  return (
    <ListSection
      title="Colour rules"
      add={items.length > 0 ? <Add items={items} /> : undefined}
      empty="Hold a series against a mark, and its colours follow."
    >
      {chart.colourRules.map((rule) => {
        const found = reading?.rules.find(({ id }) => id === rule.id);
        return (
          <ListRow
            key={rule.id}
            sample={
              <StrokeSample
                stroke={{
                  colour: rule.colour,
                  dash: 'solid',
                  width: rule.when === 'offMark' ? 3 : 2,
                }}
              />
            }
            name={found?.name ?? 'A rule'}
            found={
              found?.warning ? (
                <span className="off">{found.warning}</span>
              ) : (
                `${found?.caught.length ?? 0} of ${found?.judged ?? 0} figures, changes at the crossing`
              )
            }
            figure={found?.caught.length ?? ''}
          >
            <RuleSettings chart={chart} rule={rule} reading={reading} />
          </ListRow>
        );
      })}
    </ListSection>
  );
}

function Standouts({ chart, reading }: PartProps) {
  const change = useChange();
  const ids = chart.standouts.map(({ id }) => id);
  const items = chart.series.flatMap((series) =>
    (['highest', 'lowest'] as const).map((pick) => ({
      label: `${pick === 'highest' ? 'Highest' : 'Lowest'} of ${series.name}`,
      add: () =>
        change((before) => ({
          ...before,
          standouts: [...before.standouts, { id: freshId(pick, ids), series: series.id, pick }],
        })),
    })),
  );
  return (
    <ListSection
      title="Standouts"
      add={<Add items={items} />}
      empty="None yet: the highest, the lowest."
    >
      {chart.standouts.map((standout) => {
        const found = reading?.standouts.filter(({ id }) => id === standout.id) ?? [];
        const series = chart.series.find(({ id }) => id === standout.series);
        const where = found
          .map(({ period }) => reading?.periods[period]?.label)
          .slice(0, 3)
          .join(', ');
        return (
          <ListRow
            key={standout.id}
            sample={<StandoutSample pick={standout.pick} />}
            name={`${standout.pick === 'highest' ? 'Highest' : 'Lowest'} of ${series?.name ?? 'a series that is gone'}`}
            found={
              found.length === 0
                ? 'no finished figure'
                : `${where}${found.length > 3 ? ` and ${found.length - 3} more` : ''}, of the finished periods`
            }
            figure={found[0]?.label ?? ''}
          >
            <StandoutSettings chart={chart} standout={standout} />
          </ListRow>
        );
      })}
    </ListSection>
  );
}

function LevelSample() {
  return (
    <svg width="40" height="12" viewBox="0 0 40 12" aria-hidden="true">
      <path d="M8 6H40" stroke={page.accent} strokeWidth="1.4" />
      <path d="M0 6L8 1.5V10.5Z" fill={page.accent} />
    </svg>
  );
}

function TodaySample() {
  return (
    <svg width="40" height="14" viewBox="0 0 40 14" aria-hidden="true">
      <path d="M20 2V14" stroke={page.ink} strokeWidth="1.6" />
      <path d="M15.5 1H24.5L20 6.5Z" fill={page.ink} />
    </svg>
  );
}

function StandoutSample({ pick }: { pick: 'highest' | 'lowest' }) {
  return (
    <svg width="40" height="14" viewBox="0 0 40 14" aria-hidden="true">
      <circle
        cx="20"
        cy="7"
        r="5"
        fill={pick === 'highest' ? page.sheet : page.ink}
        stroke={page.ink}
        strokeWidth="1.8"
      />
    </svg>
  );
}
