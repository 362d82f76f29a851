import { recordPage, recordParts, type ClientRecord } from './record-parts';

const record = {
  format: 'spalo-client',
  version: 4,
  exportedAt: '2026-11-24T10:00:00.000Z',
  client: {
    id: '019a0000-0000-7000-8000-000000000001',
    name: 'Ada <script>',
    calledName: '',
    sex: 'unsaid',
    bodyMassG: 68_000,
    birthDate: null,
    heightMm: 1680,
    trainingMonths: 3,
    phone: '',
    email: '',
    emergencyContact: '',
    goal: 'Carry & climb',
    availability: '',
    brief: '',
    preference: 'none',
    nervous: true,
    stiff: [],
    consentAt: null,
    filmConsentAt: null,
    archivedAt: null,
    reports: [],
    overrides: [],
    flags: [],
    measurements: [{ id: 'm', day: '2026-10-01', bodyMassG: 68_000, removed: true }],
  },
  screening: {
    answers: { heart: { yes: true, note: 'murmur', clearedBy: '', clearedOn: null } },
    answeredAt: null,
  },
  openings: [
    { at: '2026-11-20T10:00:00.000Z', trainerId: 't', trainerName: 'Ines', allowed: true },
    { at: '2026-11-21T10:00:00.000Z', trainerId: 'u', trainerName: 'Bo', allowed: false },
  ],
  bookings: [],
  events: [
    {
      ...{ stream: 'session', streamId: 's', id: 'e', type: 'unknown.later', payload: {} },
      ...{ author: 't', sentBy: 'u' },
    },
  ],
  imported: [
    {
      id: 'i',
      importId: 'x',
      liftId: 'back-squat',
      day: '2025-05-01',
      loadG: 60_000,
      reps: 5,
      rir: null,
      note: '',
    },
  ],
  films: [],
} as unknown as ClientRecord;

describe('all that is kept of a client', () => {
  const parts = recordParts(record, 'kg', 'UTC');
  const lines = (title: string) => parts.find((part) => part.title === title)?.lines ?? [];

  it('stands in reading order, without what is empty, and a log that a later version wrote stops nothing', () => {
    expect(parts.map(({ title }) => title)).toEqual([
      'Who they are',
      'Screening',
      'Who looked',
      'Body mass',
      'From other records',
    ]);
    expect(lines('Who they are')).toContain('Goal: Carry & climb');
    expect(lines('Body mass')).toEqual(['2026-10-01: 68 kg, removed']);
    expect(lines('From other records')).toEqual(['2025-05-01: Back squat 60 × 5']);
    expect(lines('Who looked')).toEqual([
      '20 Nov 2026, 10:00: Ines opened the screening answers',
      '21 Nov 2026, 10:00: Bo was refused the screening answers',
      'Entries that came by another trainer’s sign-in: 1',
    ]);
    expect(lines('Screening').filter((line) => line.includes('murmur'))).toHaveLength(1);
  });

  it('says how many sessions cannot be read here', () => {
    const broken = { stream: 'session', streamId: 'b', id: 'f', type: 'session.started' };
    const events = [...record.events, { ...broken, payload: null, author: 't', sentBy: 't' }];
    const told = recordParts({ ...record, events } as ClientRecord, 'kg', 'UTC');
    expect(told.find(({ title }) => title === 'Not readable here')?.lines).toEqual([
      'Sessions and blocks that stand in the file of the record only: 1',
    ]);
  });

  it('says that the answers are not for everybody where they are not there', () => {
    const closed = recordParts({ ...record, screening: null }, 'kg', 'UTC');
    expect(JSON.stringify(closed)).not.toContain('murmur');
  });

  it('is a page of its own, in which nothing that was written is run', () => {
    const page = recordPage(`${record.client.name}, all that is kept`, 'today', parts);
    expect(page).toContain('<h1>Ada &lt;script&gt;, all that is kept</h1>');
    expect(page).toContain('Carry &amp; climb');
    expect(page).not.toContain('<script');
  });
});
