import { all as known } from '../../../core/yardsticks/edges/listed';
import { halfway } from '../kinds/halfway';

export const all = [...known, halfway];
