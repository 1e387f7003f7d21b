import { resolve } from 'node:path';
import type { Plugin } from 'vite';

/** The lists of kinds that are longer here, and what stands in their place. */
const lists = [
  ['core/yardsticks/kinds/listed', 'yardsticks'],
  ['core/yardsticks/edges/listed', 'edges'],
  ['core/chart/spans/listed', 'spans'],
  ['core/dials/listed', 'dials'],
  ['core/frame/filters/listed', 'filters'],
  ['core/conditions/kinds/listed', 'conditions'],
  ['core/gaps/kinds', 'gaps'],
  ['core/origins/kinds', 'origins'],
] as const;

const root = resolve(import.meta.dirname, '../..');
const places = new Map(
  lists.map(([list, longer]) => [
    resolve(root, `${list}.ts`),
    resolve(root, `e2e/moreKinds/lists/${longer}.ts`),
  ]),
);

/** Puts longer lists of kinds in the place of the product's, which knows nothing of it. */
export const longerLists: Plugin = {
  name: 'longer lists of kinds',
  enforce: 'pre',
  async resolveId(source, importer, options) {
    const found = await this.resolve(source, importer, { ...options, skipSelf: true });
    const longer = found && places.get(found.id);
    return longer && importer !== longer ? longer : found;
  },
};
