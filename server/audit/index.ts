export { readAudit } from './readAudit';
export { forget, record, settle, sweepAudit } from './record';
