import type { Belongings } from '../../contract';

/** Titles that are named; of more, their number is said. */
const mostNamed = 5;

/**
 * Says what becomes of what somebody owns when they leave, a sentence each.
 * @param heir the name of whoever takes it over; null: it is deleted
 */
export function sayBelongings(
  { dashboards, sources, othersCharts }: Belongings,
  heir: string | null,
): string[] {
  const kinds = [
    { things: dashboards, one: 'dashboard', many: 'dashboards' },
    { things: sources, one: 'source', many: 'sources' },
  ];
  return [
    ...kinds.map(({ things, one, many }) => {
      if (things.length === 0) return `You own no ${many}.`;
      const isOne = things.length === 1;
      const count = isOne ? `One ${one} is` : `${things.length} ${many} are`;
      const them = isOne ? 'it' : 'them';
      const becomes = heir ? `handed over to ${heir}` : `deleted, for everybody who sees ${them}`;
      return `${count} ${becomes}: ${sayTitles(things)}.`;
    }),
    ...(othersCharts > 0 && !heir ? [sayOthers(othersCharts)] : []),
    'What you wrote on colleagues’ dashboards stays, by “Somebody who has left”.',
  ];
}

function sayTitles(things: Belongings['sources']): string {
  const named = things.slice(0, mostNamed).map(({ title }) => `“${title}”`);
  const rest = things.length - named.length;
  return [...named, ...(rest > 0 ? [`${rest} more`] : [])].join(', ');
}

const sayOthers = (count: number) =>
  count === 1
    ? 'One chart on a colleague’s dashboard draws from them, and will show nothing.'
    : `${count} charts on colleagues’ dashboards draw from them, and will show nothing.`;
