import type { Question } from '../../../contract';
import type { ColumnUnderstanding } from '../../../core/table';

/** What a question of one kind is asked with, and how it is answered. */
export interface Asked<Kind extends Question['kind']> {
  question: Extract<Question, { kind: Kind }>;
  /** changes how the column is read that the question is about */
  onColumn: (change: Partial<ColumnUnderstanding>) => void;
  onPart: (part: string) => void;
  onProposal: (taken: boolean) => void;
}
