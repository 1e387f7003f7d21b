import type { ChartDefinition } from '../../core/chart';
import { api } from './api';

/** Changes a chart as it is stored now, without its page. */
export function useStoredChange() {
  const [ask] = api.useLazyChartQuery();
  const [save] = api.useSaveChartMutation();
  return async (chartId: number, change: (chart: ChartDefinition) => ChartDefinition) => {
    const { id, revision, definition } = await ask(chartId).unwrap();
    await save({ id, revision, definition: change(definition) }).unwrap();
  };
}
