import type { Dashboard } from '../../contract';
import { type ChartDefinition, type PeekDefinition, peekAt } from '../../core/chart';
import { sayProblem } from '../api';
import { Act } from '../controls';
import { toast } from '../hands';
import { useNewCompanion } from './useNewCompanion';

interface NewCompanionProps {
  dashboard: Dashboard;
  /** the chart that is pointed at */
  chart: ChartDefinition;
  onMade: (peek: PeekDefinition) => void;
}

/** Draws another chart for the pointer of one that has none there, from the same figures. */
export function NewCompanion({ dashboard, chart, onMade }: NewCompanionProps) {
  const make = useNewCompanion(dashboard);
  const draw = async () => {
    const made = await make(chart);
    onMade(peekAt(made));
  };
  return (
    <Act onClick={() => void draw().catch((error: unknown) => void toast(sayProblem(error)))}>
      Draw a new chart for the pointer
    </Act>
  );
}
