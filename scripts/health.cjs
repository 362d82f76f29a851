/**
 * What is found of a machine that Spalo runs on, each as one line: `good` is true, false, or null where it is only told. Nothing
 * is looked up here: what was measured comes in, so that every verdict can be tried.
 */
const GB = 1024 ** 3;
const HOUR_MS = 3_600_000;
const DAY_MS = 24 * HOUR_MS;
/** Under so much of a disk, or so many bytes of it, an import or a film may fail. */
const LEAST_FREE = { share: 0.1, bytes: 2 * GB };
/** A copy is made each night; some hours of grace. */
const NEWEST_COPY_MS = 26 * HOUR_MS;
/** Clocks of phones and machines differ by so much without harm. */
const CLOCK_MS = 5 * 60_000;

const gigabytes = (bytes) => `${(bytes / GB).toFixed(1)} GB`;
const ago = (ms) =>
  ms < 2 * HOUR_MS
    ? `${Math.round(ms / 60_000)} min`
    : ms < 2 * DAY_MS
      ? `${Math.round(ms / HOUR_MS)} h`
      : `${Math.round(ms / DAY_MS)} days`;

const ofNode = (version, wanted) => ({
  good: Number(version.split('.')[0]) >= Number(wanted),
  says: `Node ${version}; ${wanted} or newer is needed`,
});

const ofBuild = (isBuilt) => ({
  good: isBuilt,
  says: isBuilt ? 'Spalo is built' : 'Spalo is not built here: npm start builds it',
});

/** @param {string | null} address Where Spalo answers, null where none runs. */
const ofServer = (address, answers) => ({
  good: address === null ? null : answers,
  says:
    address === null
      ? 'Spalo does not run from here'
      : answers
        ? `Spalo answers at ${address}`
        : `Spalo was started at ${address} and does not answer: stop it and start it again`,
});

const ofDatabase = ({ version, applied, shipped }) => ({
  good: applied === shipped,
  says:
    applied === shipped
      ? `PostgreSQL ${version}, its tables as this version wants them`
      : applied < shipped
        ? `PostgreSQL ${version}, its tables behind this version (${applied} of ${shipped} steps): npm start brings them on`
        : `PostgreSQL ${version}, its tables are of a newer version than this one: update this checkout`,
});

const ofDisk = ({ free, whole }) => {
  const good = free >= LEAST_FREE.bytes && free / whole >= LEAST_FREE.share;
  const room = `${gigabytes(free)} of ${gigabytes(whole)} are free`;
  return { good, says: good ? room : `${room}: films and copies soon have no room` };
};

/** @param {{ takenAt: string } | undefined} newest */
const ofCopies = (newest, nowMs) => {
  if (!newest)
    return { good: false, says: 'No copy of the database lies here: npm run backup makes one' };
  const age = nowMs - Date.parse(newest.takenAt);
  const good = age <= NEWEST_COPY_MS;
  return {
    good,
    says: `The newest copy is ${ago(age)} old${good ? '' : ': it should be made each night, see docs/operations.md'}`,
  };
};

/** @param {string | null} validTo When the certificate ends; null where there is none. */
const ofCertificate = (validTo, nowMs) => {
  if (validTo === null)
    return {
      good: null,
      says: 'No certificate here: phones need npm run serve, or a front of their own',
    };
  const left = Date.parse(validTo) - nowMs;
  return left > 0
    ? { good: true, says: `The certificate holds for ${ago(left)} more, and is renewed by itself` }
    : { good: false, says: 'The certificate has ended: npm run serve renews it' };
};

/** @param {string | null} latest When the latest entry came, by the database; null where none did. */
const ofClock = (latest, nowMs) => {
  const ahead = latest === null ? 0 : Date.parse(latest) - nowMs;
  const now = new Date(nowMs).toISOString();
  return ahead > CLOCK_MS
    ? {
        good: false,
        says: `The clock stands at ${now}, ${ago(ahead)} before the latest entry: set it right`,
      }
    : { good: true, says: `The clock stands at ${now}` };
};

module.exports = {
  ofNode,
  ofBuild,
  ofServer,
  ofDatabase,
  ofDisk,
  ofCopies,
  ofCertificate,
  ofClock,
};
