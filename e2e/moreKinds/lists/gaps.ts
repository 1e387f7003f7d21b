import { treatments as known } from '../../../core/gaps/kinds';
import { sevens } from '../kinds/sevens';

export const treatments = [...known, sevens];
