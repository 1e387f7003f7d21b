export { codeOf, earlyInStep } from './codes';
export { type SentMail, startMailbox, type TestMailbox } from './mailbox';
export { type Answer, TestPerson } from './person';
export { makeDatabase, runProgram, startServer, type TestServer } from './startServer';
