/**
 * A number that whoever runs the server may set.
 * @throws Error when what is set is no whole number of at least `least`
 */
function setting(name: string, otherwise: number, least = 1): number {
  const text = process.env[name];
  if (text === undefined || text === '') return otherwise;
  const value = Number(text);
  if (Number.isInteger(value) && value >= least) return value;
  throw new Error(`${name} is “${text}”. Set a whole number of at least ${least}.`);
}

const megabyte = 1024 * 1024;

/** Every limit of the server: what one person, one address or this process may take at most. */
export const settings = {
  /** how many proxies stand before the server; only their word on a client's address is taken */
  trustedProxies: setting('STAND_MARK_TRUSTED_PROXIES', 0, 0),

  /** connections to the database that answer people; the workers have a few of their own */
  databaseConnections: setting('STAND_MARK_DATABASE_CONNECTIONS', 16),
  /** seconds that anybody waits for the database */
  databaseSeconds: setting('STAND_MARK_DATABASE_SECONDS', 10),

  /** sockets that may be open at once */
  sockets: setting('STAND_MARK_SOCKETS', 4000),
  /** seconds within which a request must have arrived whole, files apart */
  bodySeconds: setting('STAND_MARK_BODY_SECONDS', 15),
  /** requests of one person that are worked on at once; more wait */
  requestsAtOnce: setting('STAND_MARK_REQUESTS_AT_ONCE', 6),
  /** requests of one person that wait for files or figures at once, beside those */
  streamsAtOnce: setting('STAND_MARK_STREAMS_AT_ONCE', 8),
  /** dashboards that one person, or one address, has open at once and is told the changes of */
  liveStreams: setting('STAND_MARK_LIVE_STREAMS', 12),
  /** and all of them together, in this process */
  liveStreamsInAll: setting('STAND_MARK_LIVE_STREAMS_IN_ALL', 2000),
  /** requests of one address that are worked on at once; more wait */
  requestsOfAddress: setting('STAND_MARK_REQUESTS_OF_ADDRESS', 60),
  /** requests of one person, or one address, that may wait; one more is refused */
  requestsWaiting: setting('STAND_MARK_REQUESTS_WAITING', 200),

  /** files that one person may send at once */
  uploadsAtOnce: setting('STAND_MARK_UPLOADS_AT_ONCE', 2),
  /** files of one person that are kept until they are brought in */
  uploadsKept: setting('STAND_MARK_UPLOADS_KEPT', 5),
  /** a file must bring so many bytes within each such stretch of seconds */
  uploadStretchSeconds: setting('STAND_MARK_UPLOAD_STRETCH_SECONDS', 10),
  uploadStretchBytes: setting('STAND_MARK_UPLOAD_STRETCH_BYTES', 64 * 1024),

  /** files of one person that are read at once to see how they are understood */
  readingsAtOnce: setting('STAND_MARK_READINGS_AT_ONCE', 3),
  /** files of one person that are brought in at once */
  bringInsAtOnce: setting('STAND_MARK_BRING_INS_AT_ONCE', 2),
  /** threads of this process that read files; more readings wait */
  fileThreads: setting('STAND_MARK_FILE_THREADS', 2),
  /** what one such thread may take of memory, in megabytes */
  fileThreadMegabytes: setting('STAND_MARK_FILE_THREAD_MEGABYTES', 768),

  /** a file that has to be read as a whole: a workbook, a JSON document, a Parquet file */
  wholeFileBytes: setting('STAND_MARK_WHOLE_FILE_MEGABYTES', 64) * megabyte,
  /** what such a file may unpack to */
  unpackedBytes: setting('STAND_MARK_UNPACKED_MEGABYTES', 400) * megabyte,
  /** seconds for which one file may be read */
  deliverySeconds: setting('STAND_MARK_DELIVERY_SECONDS', 300),
  /** versions of a source that are kept, the one in use among them */
  versionsKept: setting('STAND_MARK_VERSIONS_KEPT', 6, 1),

  /** charts of one person that the figures thread works on at once; more wait in their own line */
  figuresAtOnce: setting('STAND_MARK_FIGURES_AT_ONCE', 4),
  /** requests of one person that may wait for the figures thread */
  figuresWaiting: setting('STAND_MARK_FIGURES_WAITING', 200),
  /** columns kept in memory; those of a source with more are aggregated in the database */
  columnBytes: setting('STAND_MARK_COLUMN_MEGABYTES', 1024, 0) * megabyte,
  /** answered figures kept in memory */
  answerBytes: setting('STAND_MARK_ANSWER_MEGABYTES', 128) * megabyte,

  /** passwords that this process checks at once; each takes memory and a core */
  passwordsAtOnce: setting('STAND_MARK_PASSWORDS_AT_ONCE', 2),
  /** passwords that may wait to be checked; one more is refused */
  passwordsWaiting: setting('STAND_MARK_PASSWORDS_WAITING', 100),
  /** wrong passwords for one account from one address before pauses begin */
  freeTries: setting('STAND_MARK_FREE_TRIES', 5),
  /** wrong passwords from one address, for whatever accounts, before pauses begin */
  freeTriesOfAddress: setting('STAND_MARK_FREE_TRIES_OF_ADDRESS', 30),
  /** accounts that one address may make within an hour */
  signUpsOfAddress: setting('STAND_MARK_SIGN_UPS_OF_ADDRESS', 20),

  /** seconds for which a lease holds unless it is renewed */
  leaseSeconds: setting('STAND_MARK_LEASE_SECONDS', 30),
};
