import { Refusal } from '../http';

/**
 * Refuses to remove what charts draw, and names them.
 * @param name of what was to be removed
 * @param seen the charts that the person may see
 * @param others how many more there are
 */
export function inUse(
  what: 'source' | 'measure',
  name: string,
  seen: readonly { title: string }[],
  others: number,
): Refusal {
  const titles = seen.map(({ title }) => `“${title}”`);
  const rest = others > 0 ? [`${others} of colleagues’ charts`] : [];
  const sentence = `${name} is drawn in ${[...titles, ...rest].join(', ')}. Remove it from there first.`;
  return new Refusal(422, { code: `${what}-in-use`, sentence });
}
