import { all as known } from '../../../core/chart/spans/listed';
import { years } from '../kinds/years';

export const all = [...known, years];
