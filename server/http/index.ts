export { makeApp } from './app';
export { jsonBody, steadily } from './bodies';
export { changedMeanwhile, notAllowed, notFound, notSignedIn, Refusal } from './refusals';
export { readBody, readId } from './requests';
export { Seats } from './seats';
export { addressOf, shareFairly } from './share';
