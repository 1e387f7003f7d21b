import { useNavigate } from 'react-router';
import type { SourceDetail } from '../../contract';
import { draftChart, isDrawable } from '../../core/editing';
import { api, sayProblem } from '../api';
import { Button, Menu } from '../controls';
import { toast } from '../hands';

/** Draws a first chart of a source, on a dashboard or a new one, and opens it on the bench. */
export function DrawButton({ source }: { source: SourceDetail }) {
  const { data: dashboards } = api.useDashboardsQuery();
  const [make, making] = api.useMakeChartMutation();
  const [makeDashboard] = api.useMakeDashboardMutation();
  const navigate = useNavigate();
  const { profiles, columns } = source;
  const known = {
    ...source,
    columns: columns.map((column, at) => ({ ...column, ...profiles[at] })),
  };
  if (!isDrawable(known)) return null;
  const draw = async (dashboard: number | null) => {
    try {
      const zone = Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC';
      const dashboardId =
        dashboard ?? (await makeDashboard({ title: source.name, zone }).unwrap()).id;
      const { id } = await make({ dashboardId, definition: draftChart(known) }).unwrap();
      await navigate(`/dashboards/${dashboardId}/charts/${id}`);
    } catch (error) {
      toast(sayProblem(error));
    }
  };
  const edited = (dashboards ?? []).filter(({ role }) => role !== 'reader');
  if (edited.length === 0)
    return (
      <Button
        primary
        busy={making.isLoading}
        disabled={!dashboards}
        onClick={() => void draw(null)}
      >
        Draw a chart
      </Button>
    );
  return (
    <Menu
      button
      primary
      items={[
        ...edited.map(({ id, title }) => ({ label: `on ${title}`, act: () => void draw(id) })),
        { label: 'on a new dashboard', act: () => void draw(null) },
      ]}
    >
      Draw a chart
    </Menu>
  );
}
