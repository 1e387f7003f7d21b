import type { ComponentType } from 'react';
import type { Question } from '../../../contract';
import type { Asked } from './asked';
import { DateOrder } from './DateOrder';
import { DigitsQuestion } from './DigitsQuestion';
import { FiscalStart } from './FiscalStart';
import { PartQuestion } from './PartQuestion';
import { ProposalQuestion } from './ProposalQuestion';

/** How each kind of question is asked; a new kind is a file and a line here. */
export const askedAs: { [Kind in Question['kind']]: ComponentType<Asked<Kind>> } = {
  part: PartQuestion,
  proposal: ProposalQuestion,
  digits: DigitsQuestion,
  dateOrder: DateOrder,
  fiscalStart: FiscalStart,
};

export type { Asked };
