export { BareTape } from './BareTape';
export { greyed, lettered, page, shadeAlong, shades } from './colours';
export { Pennant } from './Pennant';
export { StrokeSample } from './StrokeSample';
export { Wordmark } from './Wordmark';
