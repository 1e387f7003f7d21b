import { type ChartDefinition, type ChartFilter } from '../../../core/chart';
import { dialKindOf } from '../../../core/figures';
import { freshId } from '../../../core/editing';
import { type DialDefinition, mostChoices, turnsOf } from '../../../core/dials';
import type { Filter } from '../../../core/frame';
import { api } from '../../api';
import { SelectField } from '../../controls';
import { useChange } from '../useBench';

interface FilterDialFieldProps {
  chart: ChartDefinition;
  /** the place of the filter */
  place: number;
  /** a source that has its column */
  sourceId: number;
}

const anew = 'a new dial';

/** Whether readers turn a filter by a dial, and which. */
export function FilterDialField({ chart, place, sourceId }: FilterDialFieldProps) {
  const change = useChange();
  const own = chart.filters[place] as ChartFilter;
  const kind = dialKindOf(own.filter);
  const { data: words } = api.useWordsQuery(
    { sourceId, column: own.filter.column },
    { skip: kind !== 'choice' },
  );
  const fitting = chart.dials.filter((dial) => turnsOf(dial).by === kind);
  const choose = (choice: string) =>
    change((before) => {
      const ids = before.dials.map(({ id }) => id);
      const made =
        choice === anew ? draftDial(own.filter, freshId('dial', ids), words ?? []) : null;
      const dial = made?.id ?? (choice || undefined);
      return {
        ...before,
        dials: made ? [...before.dials, made] : before.dials,
        filters: before.filters.map((each, at) => (at === place ? { ...each, dial } : each)),
      };
    });
  const placed = chart.dials.find(({ id }) => id === own.dial);
  return (
    <>
      <SelectField
        label="Readers turn it by"
        value={own.dial ?? ''}
        onChange={choose}
        options={[
          { value: '', label: 'nothing: it stays as set' },
          ...fitting.map(({ id, name }) => ({ value: id, label: `the dial ${name}` })),
          { value: anew, label: 'a new dial' },
        ]}
      />
      {placed && <p className="quiet small">{sayOffered(placed)}</p>}
    </>
  );
}

/** A dial for a filter, which stands where the filter is set. */
function draftDial(filter: Filter, id: string, words: readonly string[]): DialDefinition {
  const named = { id, name: filter.column };
  if (filter.kind === 'dates')
    return { ...named, kind: 'date', value: filter.from ?? filter.to ?? '2026-01-01' };
  if (filter.kind === 'numbers') {
    const value = filter.from ?? filter.to ?? 0;
    const reach = Math.max(10, Math.abs(value) * 2);
    const [from, to] = [Math.min(0, value), Math.max(0, value) + reach];
    return { ...named, kind: 'number', value, from, to, step: reach / 100 };
  }
  const [only] = filter.keep ? filter.words : [];
  const choices = [...new Set(['', ...filter.words, ...words])].slice(0, mostChoices);
  return { ...named, kind: 'choice', value: only ?? '', choices };
}

/** What readers, by link too, learn by a dial that stands before them. */
function sayOffered(dial: DialDefinition): string {
  const turns = turnsOf(dial);
  if (turns.by !== 'choice')
    return `Everybody who sees the chart, by link too, can set ${dial.name} and sees the figures that are then kept.`;
  const words = turns.choices.filter(Boolean);
  const shown = words.slice(0, 6).join(', ');
  const more = words.length > 6 ? ` and ${words.length - 6} more` : '';
  return `Everybody who sees the chart, by link too, is offered ${shown}${more}, and sees the figures of each.`;
}
