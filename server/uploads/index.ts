export { withShare } from './shares';
export {
  keepLatest,
  keepUpload,
  readUpload,
  rememberUnderstood,
  requireUpload,
  sweepUploads,
  understoodBefore,
} from './uploads';
