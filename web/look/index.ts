export { BareTape } from './BareTape';
export { greyed, letteredIn, page, shadeAlong, shadeOf, shades, tintOf } from './colours';
export { Pennant } from './Pennant';
export { ScrollRegion } from './ScrollRegion';
export { StrokeSample } from './StrokeSample';
export { Wordmark } from './Wordmark';
