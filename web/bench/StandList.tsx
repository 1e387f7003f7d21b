import type { Dashboard, Note } from '../../contract';
import type { ChartDefinition } from '../../core/chart';
import type { Reading } from '../../core/reading';
import { NotesList } from '../notes';
import { DialRows } from './dials/DialRows';
import { LookRows } from './looks/LookRows';
import { RuleRows } from './RuleRows';
import { SeriesRows } from './SeriesRows';
import { StandoutRows } from './StandoutRows';
import { YardstickRows } from './YardstickRows';
import { Act } from '../controls';

interface StandListProps {
  /** what it stands on; missing until it is known */
  dashboard: Dashboard | undefined;
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
  dashboard,
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
      <YardstickRows chart={chart} reading={reading} />
      <RuleRows chart={chart} reading={reading} />
      <StandoutRows chart={chart} reading={reading} />
      <DialRows chart={chart} />
      <LookRows {...{ chart, reading, dashboard }} />
      <section className="list-section" aria-label="Notes">
        <header>
          <h3>Notes</h3>
          <span className="row">
            {notes.length > 0 && (
              <Act onClick={() => onShowNotes(!notesShown)}>
                {notesShown ? 'Hide' : `Show ${notes.length}`}
              </Act>
            )}
            <Act onClick={onWriteNote}>Write</Act>
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
