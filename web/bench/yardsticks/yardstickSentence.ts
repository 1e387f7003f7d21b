import type { ChartDefinition } from '../../../core/chart';
import type { YardstickDefinition } from '../../../core/yardsticks';

/** What a yardstick's sentence works on. */
export interface YardstickSentenceProps<Kind extends YardstickDefinition['kind']> {
  chart: ChartDefinition;
  yardstick: Extract<YardstickDefinition, { kind: Kind }>;
  onChange: (yardstick: YardstickDefinition) => void;
}
