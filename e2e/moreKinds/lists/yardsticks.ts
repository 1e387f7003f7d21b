import { all as known } from '../../../core/yardsticks/kinds/listed';
import { overHighest } from '../kinds/overHighest';

export const all = [...known, overHighest];
