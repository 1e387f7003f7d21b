import { useCallback, useState } from 'react';
import { useNavigate } from 'react-router';
import type { PlacedChart } from '../../contract';
import type { ChartDefinition } from '../../core/chart';
import { sourcesAlike } from '../../core/figures';
import { withoutSlots } from '../../core/labels';
import { api, sayProblem } from '../api';
import { saveFile } from '../figures';
import { type MenuItem, toast, toastUndo } from '../hands';

/** What an author can do with a chart. */
export interface ChartChanges {
  items: MenuItem[];
  /** finds where the chart can be copied to, for the list that is about to be read */
  onOpen: () => void;
}

/** Where a chart can be copied to. */
interface Places {
  chart: number;
  dashboards: readonly { id: number; title: string }[];
  sources: ReturnType<typeof sourcesAlike>;
}

/**
 * What an editor can do with the charts of a dashboard; the same function until more is known.
 * @param onPeek sets what stands at the pointer in a chart; it stays the same
 */
export function useChartChanges(
  dashboardId: number,
  onPeek: (chartId: number) => void,
): (chart: PlacedChart) => ChartChanges {
  const navigate = useNavigate();
  const [remove] = api.useRemoveChartMutation();
  const [restore] = api.useRestoreChartMutation();
  const [readWritten] = api.useLazyWrittenChartQuery();
  const [copy] = api.useCopyChartMutation();
  const { places, find } = useCopyPlaces(dashboardId);
  return useCallback(
    ({ id, definition }: PlacedChart) => {
      const title = withoutSlots(definition.title);
      const said = (work: () => Promise<void>) => () =>
        void work().catch((error: unknown) => void toast(sayProblem(error)));
      const take = async () => {
        await remove(id).unwrap();
        toastUndo(`“${title}” removed.`, () => void restore(id));
      };
      const write = async () => {
        const text = JSON.stringify(await readWritten(id).unwrap(), null, 2);
        saveFile(new Blob([text], { type: 'application/json' }), `${title}.json`);
      };
      const copyTo = (
        label: string,
        to: number,
        sources: { from: number; to: number }[] = [],
        where = 'under the others',
      ): MenuItem => ({
        label,
        act: said(async () => {
          const made = await copy({ chartId: id, dashboardId: to, sources }).unwrap();
          toastUndo(`“${title}” copied, ${where}.`, () => void remove(made.id));
        }),
      });
      const known = places?.chart === id ? places : null;
      return {
        onOpen: () => void find(id),
        items: [
          {
            label: 'Open on the bench',
            act: () => void navigate(`/dashboards/${dashboardId}/charts/${id}`),
          },
          copyTo('Copy it here', dashboardId),
          { label: 'Set what shows at its pointer', act: () => onPeek(id) },
          { label: 'Write out as JSON', act: said(write) },
          { label: 'Remove', act: said(take) },
          // What comes later comes last: nothing moves under a hand that is about to press.
          ...(known?.dashboards ?? []).map((each) =>
            copyTo(`Copy to ${each.title}`, each.id, [], `to ${each.title}`),
          ),
          ...(known?.sources ?? []).map(({ name, ...each }) =>
            copyTo(`Copy it, drawn from ${name}`, dashboardId, [each], `drawn from ${name}`),
          ),
        ],
      };
    },
    [dashboardId, navigate, onPeek, remove, restore, readWritten, copy, places, find],
  );
}

/** Where a chart can be copied to, once it is asked for. */
function useCopyPlaces(dashboardId: number) {
  const [places, setPlaces] = useState<Places | null>(null);
  const [readChart] = api.useLazyChartQuery();
  const [readDashboards] = api.useLazyDashboardsQuery();
  const [readSources] = api.useLazySourcesQuery();
  const find = useCallback(
    async (chart: number) => {
      const [stored, dashboards, sources] = await Promise.all([
        readChart(chart).unwrap(),
        readDashboards().unwrap(),
        readSources().unwrap(),
      ]);
      setPlaces({
        chart,
        dashboards: dashboards.filter(({ id, role }) => id !== dashboardId && role !== 'reader'),
        sources: sourcesAlike(stored.definition as ChartDefinition, sources),
      });
    },
    [dashboardId, readChart, readDashboards, readSources],
  );
  return { places, find };
}
