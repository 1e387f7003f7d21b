export { BringInPage } from './BringInPage';
export { SourcePage } from './SourcePage';
export { SourcesPage } from './SourcesPage';
