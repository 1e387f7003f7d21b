import type { ChartDefinition } from '../../../core/chart';
import { type Edge, plainScope, sayEdge, type Scope } from '../../../core/yardsticks';
import { Phrase } from '../../controls';
import { EdgeFields, type EdgeFieldsProps } from '../EdgeFields';

/** Where a line stands, or a band begins or ends. */
export function EdgePhrase(props: EdgeFieldsProps) {
  return (
    <Phrase words={sayOf(props.edge, props.chart)} label={props.label}>
      <EdgeFields {...props} />
    </Phrase>
  );
}

function sayOf(edge: Edge, { series, dials }: ChartDefinition): string {
  const named = (id: string) =>
    `the dial ${dials.find((dial) => dial.id === id)?.name ?? 'that is gone'}`;
  if (!('series' in edge)) return sayEdge(edge, named);
  const of = series.find(({ id }) => id === edge.series)?.name ?? 'a series that is gone';
  return `${sayEdge(edge)} of ${of}${sayScope(edge.scope)}`;
}

/** What of a scope is not what one expects, as it is said in a phrase. */
export function sayScope({ periods, count, unfiltered }: Scope = plainScope): string {
  const over = {
    shown: '',
    last: count === 1 ? ', the last period' : `, last ${count} periods`,
    thisYear: ', this fiscal year',
    all: ', all there are',
  }[periods];
  return `${over}${unfiltered ? ', whatever is filtered' : ''}`;
}
