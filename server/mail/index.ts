export { postMail, sendMails } from './outbox';
export { requireMail } from './requireMail';
