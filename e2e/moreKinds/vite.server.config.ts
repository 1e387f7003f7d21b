import { mergeConfig } from 'vite';
import product from '../../vite.server.config';
import { longerLists } from './longerLists';

/** The server, with kinds that the product does not have. */
export default mergeConfig(product, {
  plugins: [longerLists],
  build: { outDir: '.test-data/moreKinds/server', sourcemap: false },
});
