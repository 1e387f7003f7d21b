export { withShare } from './shares';
export {
  forgetHalfSent,
  keepLatest,
  keepUpload,
  readUpload,
  rememberUnderstood,
  requireUpload,
  sweepUploads,
  understoodBefore,
  whileRead,
} from './uploads';
