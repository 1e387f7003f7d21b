import { Checkbox, Input } from 'antd';
import { type ChartDefinition, plainReplay, type ReplayDefinition } from '../../../core/chart';
import { useChange } from '../useBench';

/** Whether readers may have the chart drawn over time, and what is said meanwhile. */
export function ReplayFields({ chart }: { chart: ChartDefinition }) {
  const change = useChange();
  const replay = chart.replay ?? plainReplay;
  const set = (more: Partial<ReplayDefinition>) =>
    change((before) => ({
      ...before,
      replay: { ...(before.replay ?? plainReplay), ...more },
    }));
  return (
    <>
      <Checkbox
        checked={replay.offered}
        onChange={({ target }) => set({ offered: target.checked })}
      >
        Readers may replay it over time
      </Checkbox>
      <label>
        <span className="small quiet">Said meanwhile</span>
        <Input
          value={replay.words}
          maxLength={200}
          placeholder="{count} of {all} months, {value} so far"
          onChange={({ target }) => set({ words: target.value })}
        />
      </label>
      <p className="small quiet">
        Between braces it takes {'{count}'}, {'{all}'}, {'{value}'}, {'{name}'} and {'{period}'} of
        the line that is highlighted, or the first.
      </p>
      <Checkbox
        checked={replay.stands}
        disabled={replay.words === ''}
        onChange={({ target }) => set({ stands: target.checked })}
      >
        The same stands under the title, as of the last figure
      </Checkbox>
    </>
  );
}
