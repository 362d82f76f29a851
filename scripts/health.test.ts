import {
  ofBuild,
  ofCertificate,
  ofClock,
  ofCopies,
  ofDatabase,
  ofDisk,
  ofNode,
  ofServer,
} from './health.cjs';

const NOW = Date.parse('2026-12-01T10:00:00Z');
const GB = 1024 ** 3;

describe('what the doctor says', () => {
  it.each([
    ['an old Node', ofNode('18.19.0', '20'), false],
    ['a new Node', ofNode('22.1.0', '20'), true],
    ['nothing built', ofBuild(false), false],
    ['tables behind', ofDatabase({ version: '15.8', applied: 20, shipped: 22 }), false],
    ['tables ahead', ofDatabase({ version: '15.8', applied: 23, shipped: 22 }), false],
    ['tables as wanted', ofDatabase({ version: '15.8', applied: 22, shipped: 22 }), true],
    ['a full disk', ofDisk({ free: GB, whole: 100 * GB }), false],
    ['a large disk nearly full', ofDisk({ free: 9 * GB, whole: 100 * GB }), false],
    ['a free disk', ofDisk({ free: 40 * GB, whole: 100 * GB }), true],
    ['no copy', ofCopies(undefined, NOW), false],
    ['a copy of last night', ofCopies({ takenAt: '2026-12-01T03:00:00Z' }, NOW), true],
    ['a copy of last week', ofCopies({ takenAt: '2026-11-24T03:00:00Z' }, NOW), false],
    ['no certificate', ofCertificate(null, NOW), null],
    ['a certificate that ended', ofCertificate('Nov 30 10:00:00 2026 GMT', NOW), false],
    ['a certificate that holds', ofCertificate('Dec 30 10:00:00 2026 GMT', NOW), true],
    ['a clock that went back', ofClock('2026-12-02T10:00:00Z', NOW), false],
    ['a clock that is right', ofClock('2026-12-01T09:59:00Z', NOW), true],
    ['a server that answers', ofServer('http://localhost:4600', true), true],
    ['a server that does not', ofServer('http://localhost:4600', false), false],
    ['no server', ofServer(null, false), null],
  ])('of %s', (_what, found, good) => {
    expect(found.good).toBe(good);
    expect(found.says).not.toMatch(/undefined|NaN|null/);
  });

  it('says what is to be done', () => {
    expect(ofCopies({ takenAt: '2026-11-24T10:00:00Z' }, NOW).says).toMatch(
      /^The newest copy is 7 days old: /,
    );
    expect(ofDatabase({ version: '15.8', applied: 20, shipped: 22 }).says).toMatch(
      /20 of 22 steps.*npm start/,
    );
  });
});
