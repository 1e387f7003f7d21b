import { plain as known } from '../../../core/conditions/kinds/listed';
import { multiple } from '../kinds/multiple';

export const plain = [...known, multiple];
