export { mostTries } from './mostTries';
export { TestPerson } from './person';
export { makeDatabase, runProgram, startServer, type TestServer } from './startServer';
