import type { ChartDefinition } from '../../../core/chart';
import { periodSlots } from '../../../core/reading';

/** Which slots a title may have. */
export function SlotsHint({ chart }: { chart: ChartDefinition }) {
  const own = chart.series.filter(({ split }) => !split).map(({ name }) => name);
  const names = [...periodSlots, ...own.slice(0, 4)];
  return (
    <p className="small quiet">
      Between braces a title takes {names.map((name) => `{${name}}`).join(', ')}, or a yardstick’s
      name for its value.
    </p>
  );
}

/** Which slots the words of a replay may have. */
export function ReplayHint() {
  return (
    <p className="small quiet">
      Between braces it takes {'{count}'}, {'{all}'}, {'{value}'}, {'{name}'} and {'{period}'} of
      the line that is highlighted, or the first.
    </p>
  );
}
