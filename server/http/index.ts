export { makeApp } from './app';
export { answerProblem } from './answerProblem';
export { changedMeanwhile, notAllowed, notFound, notSignedIn, Refusal } from './refusals';
export { readBody, readId } from './requests';
export { sameSiteOnly } from './sameSite';
