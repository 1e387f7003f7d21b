import { type Dashboard, placeBelow } from '../../contract';
import type { ChartDefinition } from '../../core/chart';
import { companionChart } from '../../core/editing';
import { api } from '../api';

/**
 * Draws a chart that stands at the pointer of another, and places it under the others: who may only read
 * sees nothing that is not placed.
 * @returns what does so, and tells the id of the new chart; it rejects with what the server says
 */
export function useNewCompanion(dashboard: Dashboard) {
  const [make] = api.useMakeChartMutation();
  const [arrange] = api.useArrangeMutation();
  return async (chart: ChartDefinition): Promise<number> => {
    const { id, revision, charts } = dashboard;
    const { id: chartId } = await make({
      dashboardId: id,
      definition: companionChart(chart),
    }).unwrap();
    const place = placeBelow(charts.map((each) => each.place));
    await arrange({ id, revision, places: [{ chartId, place }] }).unwrap();
    return chartId;
  };
}
