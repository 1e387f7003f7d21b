import { origins as known } from '../../../core/origins/kinds';
import { twice } from '../kinds/twice';

export const origins = [...known, twice];
