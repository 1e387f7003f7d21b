export { BareTape } from './BareTape';
export { greyed, lettered, page, shadeAlong, shades } from './colours';
export { Pennant } from './Pennant';
export { ScrollRegion } from './ScrollRegion';
export { StrokeSample } from './StrokeSample';
export { Wordmark } from './Wordmark';
