export {
  endKeys,
  type MailedKind,
  makeKey,
  opensNothing,
  peekKey,
  sweepKeys,
  useKey,
} from './mailedKeys';
export { hashOfToken, makeToken } from './tokens';
