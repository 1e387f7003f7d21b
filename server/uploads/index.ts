export { withShare } from './shares';
export {
  forgetUploads,
  keepUpload,
  readUpload,
  rememberUnderstood,
  requireUpload,
  sweepUploads,
  understoodBefore,
} from './uploads';
