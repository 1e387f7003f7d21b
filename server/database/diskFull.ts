/** What a full disk is called: by the system, and by MariaDB. */
const fullCodes = new Set(['ENOSPC', 'EDQUOT', 'ER_DISK_FULL', 'ER_RECORD_FILE_FULL']);

/** Whether an error, or what it was caused by, says that a disk has no room left. */
export function isDiskFull(error: unknown): boolean {
  if (typeof error !== 'object' || error === null) return false;
  const { code, message, cause } = error as { code?: unknown; message?: unknown; cause?: unknown };
  return (
    fullCodes.has(String(code)) ||
    /no space left on device|\berrno: 28\b/i.test(String(message)) ||
    isDiskFull(cause)
  );
}

/** What somebody is told whose work has found no room. */
export const diskFull = {
  code: 'disk-full',
  sentence:
    'The server’s disk is full, so this could not be stored; what was stored before is safe. Whoever runs the server has to make room; then try again.',
};
