import { mergeConfig } from 'vite';
import product from '../../vite.config';
import { longerLists } from './longerLists';

/** The interface, with kinds that the product does not have. */
export default mergeConfig(product, {
  plugins: [longerLists],
  build: { outDir: '../.test-data/moreKinds/web', minify: false },
});
