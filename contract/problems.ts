import type { Problem } from '../core/values';

/** The body of every refusal (RFC 9457, application/problem+json). */
export interface ProblemBody extends Omit<Problem, 'sentence'> {
  type: string;
  /** a short name of the kind of problem */
  title: string;
  status: number;
  /** what happened and what to do */
  detail: string;
  /** one entry for each field that is wrong */
  fields?: { field: string; sentence: string }[];
  /** what the server holds now, when somebody else has changed it meanwhile */
  current?: unknown;
}
