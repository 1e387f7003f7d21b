/** Where in the input something is wrong; rows count from 1 with the header as row 1. */
export interface Place {
  file?: string;
  row?: number;
  column?: string;
  field?: string;
}

/** Something wrong, in a sentence a person can act on. */
export interface Problem {
  code: string;
  sentence: string;
  place?: Place;
}

/** A problem that ends the work it was met in. */
export class ProblemError extends Error {
  constructor(readonly problem: Problem) {
    super(problem.sentence);
    this.name = 'ProblemError';
  }
}
