import { yesOrNo } from '../../sentences';

/** The value axis on which a level or a band stands that is found from no series. */
export const onWhichAxis = yesOrNo('on the second value axis', 'on the first value axis');
