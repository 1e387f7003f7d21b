export { standingRoutes } from './standingRoutes';
export { makeApp, type Routes } from './app';
export { jsonBody, steadily } from './bodies';
export { FairSeats } from './fairSeats';
export { changedMeanwhile, notAllowed, notFound, notSignedIn, Refusal } from './refusals';
export { readBody, readId, readPage, readQuestion } from './requests';
export { Seats } from './seats';
export { addressOf, shareFairly } from './share';
