import { all as known } from '../../../core/dials/listed';
import { percent } from '../kinds/percent';

export const all = [...known, percent];
