export { findPace, type Pace } from './pace';
