import { all as known } from '../../../core/frame/filters/listed';
import { beyond } from '../kinds/beyond';

export const all = [...known, beyond];
