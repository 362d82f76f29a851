import { findLift, screeningQuestions } from '@spalo/catalog';
import type { AnswerOf } from '@spalo/contract';
import { reduceBlock } from '@spalo/core/block';
import { streamKey, type LogEvent } from '@spalo/core/log';
import { countedSets, reduceSession, type LiftState, type SessionState } from '@spalo/core/session';
import { massText, type Unit } from '@spalo/core/unit';
import { dayAndTime } from '../../parts/time/day-time';
import { loadReps, rirText } from '../../parts/words/load-words';
import { painWords } from '../../parts/words/pain-words';

export type ClientRecord = AnswerOf<'exportClient'>;

/** A part of a record that is read: a title, and what stands below it. */
export interface RecordPart {
  title: string;
  lines: string[];
}

const nameOf = (liftId: string) => findLift(liftId)?.name ?? liftId;
const said = (label: string, value: string | null) => (value ? [`${label}: ${value}`] : []);

/** What a log tells, stream by stream, and how many of them cannot be told: these stand in the file alone. */
function told<S>(
  events: readonly LogEvent[],
  kind: string,
  reduce: (log: LogEvent[]) => S | null,
): { states: S[]; untold: number } {
  const logs = new Map<string, LogEvent[]>();
  for (const event of events) {
    if (event.stream !== kind) continue;
    const key = streamKey(event);
    logs.set(key, [...(logs.get(key) ?? []), event]);
  }
  let untold = 0;
  const states = [...logs.values()].flatMap((log) => {
    try {
      return reduce(log) ?? [];
    } catch {
      untold += 1;
      return [];
    }
  });
  return { states, untold };
}

function factLines({ client }: ClientRecord, unit: Unit, zone: string): string[] {
  const { heightMm, birthDate, trainingMonths, consentAt, filmConsentAt, archivedAt } = client;
  const { touchConsentAt, guardian, guardianConsentAt, askedAgainAt } = client;
  return [
    ...said('Called', client.calledName),
    ...said('Born', birthDate),
    `Sex: ${client.sex}`,
    `Body mass: ${massText(client.bodyMassG, unit)}`,
    ...said('Height', heightMm === null ? null : `${heightMm / 10} cm`),
    `Months of training: ${trainingMonths}`,
    ...said('Phone', client.phone),
    ...said('E-mail', client.email),
    ...said('In an emergency', client.emergencyContact),
    ...said('Goal', client.goal),
    ...said('Can come', client.availability),
    ...said('To know before they walk in', client.brief),
    ...said('Wants most', client.preference === 'none' ? null : client.preference),
    ...(client.nervous ? ['Nervous in the gym'] : []),
    ...said('Stiff', client.stiff.join(', ')),
    ...said('Agreed that health answers are kept', consentAt && dayAndTime(consentAt, zone)),
    ...said('Agreed to be filmed', filmConsentAt ? dayAndTime(filmConsentAt, zone) : null),
    ...said(
      'Agreed to be touched for a cue',
      touchConsentAt ? dayAndTime(touchConsentAt, zone) : null,
    ),
    ...said('Guardian', guardian ?? ''),
    ...said('Guardian agreed', guardianConsentAt ? dayAndTime(guardianConsentAt, zone) : null),
    ...said('Screening asked again', askedAgainAt ? dayAndTime(askedAgainAt, zone) : null),
    ...said('Archived', archivedAt && dayAndTime(archivedAt, zone)),
    ...client.reports.map(
      ({ liftId, loadG, reps, monthsAgo }) =>
        `Says they lifted: ${nameOf(liftId)} ${loadReps(loadG, reps, unit)}, ${monthsAgo} months before it was written down`,
    ),
    ...client.overrides.map(
      ({ liftId, range, reason, at }) =>
        `Opened for them: ${nameOf(liftId)}${range ? `, ${range} reps` : ''}, ${dayAndTime(at, zone)}: ${reason}`,
    ),
  ];
}

const flagLines = ({ client }: ClientRecord): string[] =>
  client.flags.map(
    ({ place, side, note, fine, since, saidBy, state }) =>
      `${side === 'none' ? '' : `${side} `}${place}, ${state}: ${note}${fine && `; fine: ${fine}`}${since ? `; since ${since}` : ''}${saidBy && `; said by ${saidBy}`}`,
  );

function screeningLines({ screening }: ClientRecord): string[] {
  if (!screening) return ['Not answered, or only for this client’s own trainers.'];
  return screeningQuestions.flatMap(({ id, asks }) => {
    const answer = screening.answers[id];
    if (!answer) return [`${asks} Not answered.`];
    const cleared = answer.clearedBy ? `; cleared by ${answer.clearedBy}, ${answer.clearedOn}` : '';
    return [`${asks} ${answer.yes ? 'Yes' : 'No'}${answer.note && `: ${answer.note}`}${cleared}`];
  });
}

/** Who opened the answers, and how much came by the sign-in of another than who wrote it. */
function accessLines({ openings, events }: ClientRecord, zone: string): string[] {
  const lent = events.filter(({ author, sentBy }) => sentBy !== null && sentBy !== author).length;
  return [
    ...openings.map(
      ({ at, trainerName, allowed }) =>
        `${dayAndTime(at, zone)}: ${trainerName} ${allowed ? 'opened' : 'was refused'} the screening answers`,
    ),
    ...(lent > 0 ? [`Entries that came by another trainer’s sign-in: ${lent}`] : []),
  ];
}

/** All that was told of a lift in a session, a line each. */
function liftLines(lift: LiftState, unit: Unit): string[] {
  const { counted, liftId } = lift.plan;
  const text = (set: { loadG: number; reps: number }) =>
    loadReps(set.loadG, set.reps, unit, counted);
  const standing = new Set(countedSets(lift));
  const sets = lift.sets.map((set) => {
    const clean = set.cleanReps === set.reps ? '' : `, ${set.cleanReps} clean`;
    const left = rirText(set.rir);
    const gone = standing.has(set) ? '' : ', does not count';
    const before = set.corrections
      .map(({ before: was }) => `, corrected from ${text(was)}`)
      .join('');
    return `${text(set)} (${set.kind}${clean}${left && `, ${left}`}${gone}${before})`;
  });
  const review =
    lift.review && [lift.review.good, lift.review.keepOn, lift.review.change].filter(Boolean);
  return [
    `${nameOf(liftId)}: ${sets.join('; ') || 'no set'}`,
    ...lift.pains.map((pain) => `  Pain: ${painWords(pain)}`),
    ...lift.notes.map((note) => `  Note: ${note.text}`),
    ...(review ? [`  Review: ${review.join(' · ')}`] : []),
  ];
}

const sessionPart = (session: SessionState, zone: string): RecordPart => ({
  title: `Session of ${dayAndTime(session.startedAt, zone)}${session.finishedAt ? '' : ', not finished'}`,
  lines: [
    ...session.lifts.flatMap((lift) => liftLines(lift, session.unit)),
    ...session.notes.map(({ text }) => `Note: ${text}`),
  ],
});

/** A client's whole record in reading order: who they are, what constrains them, what is planned, and every set. */
export function recordParts(record: ClientRecord, unit: Unit, zone: string): RecordPart[] {
  const sessions = told(record.events, 'session', reduceSession);
  const blocks = told(record.events, 'block', reduceBlock);
  const untold = sessions.untold + blocks.untold;
  const latestFirst = sessions.states.sort((a, b) => (a.startedAt > b.startedAt ? -1 : 1));
  const parts = [
    { title: 'Who they are', lines: factLines(record, unit, zone) },
    { title: 'Flags', lines: flagLines(record) },
    { title: 'Screening', lines: screeningLines(record) },
    { title: 'Who looked', lines: accessLines(record, zone) },
    {
      title: 'Body mass',
      lines: record.client.measurements.map(
        ({ day, bodyMassG, removed }) =>
          `${day}: ${massText(bodyMassG, unit)}${removed ? ', removed' : ''}`,
      ),
    },
    {
      title: 'Bookings',
      lines: record.bookings.map(
        ({ startsAt, minutes, state = 'booked' }) =>
          `${dayAndTime(startsAt, zone)}, ${minutes} min, ${state}`,
      ),
    },
    {
      title: 'Blocks',
      lines: blocks.states.map(
        ({ name, from, weeks, days, endedAt }) =>
          `${name}: ${weeks} weeks of ${days} sessions from ${from}${endedAt ? ', ended' : ''}`,
      ),
    },
    ...latestFirst.map((session) => sessionPart(session, zone)),
    {
      title: 'Not readable here',
      lines:
        untold > 0
          ? [`Sessions and blocks that stand in the file of the record only: ${untold}`]
          : [],
    },
    {
      title: 'From other records',
      lines: record.imported.map(
        ({ day, liftId, loadG, reps, note }) =>
          `${day}: ${nameOf(liftId)} ${loadReps(loadG, reps, unit)}${note && `, ${note}`}`,
      ),
    },
    {
      title: 'Films and stills',
      lines: record.films.map(
        ({ kind, bytes, keptUntil }) =>
          `${kind}, ${(bytes / 1e6).toFixed(1)} MB, kept until ${dayAndTime(keptUntil, zone)}`,
      ),
    },
  ];
  return parts.filter(({ lines }) => lines.length > 0);
}

const escaped = (text: string) =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;');

/** The same as a page of its own, which any browser opens and prints. */
export function recordPage(title: string, madeAt: string, parts: readonly RecordPart[]): string {
  const sections = parts
    .map(
      (part) =>
        `<section><h2>${escaped(part.title)}</h2><ul>${part.lines
          .map((line) => `<li>${escaped(line)}</li>`)
          .join('')}</ul></section>`,
    )
    .join('\n');
  return `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>${escaped(title)}</title>
<style>body{font:1rem/1.5 system-ui,sans-serif;max-width:48rem;margin:2rem auto;padding:0 1rem}h2{border-bottom:2px solid;margin-top:2rem}ul{padding-left:1.2rem}li{white-space:pre-wrap}</style>
</head><body><h1>${escaped(title)}</h1><p>${escaped(madeAt)}</p>
${sections}
</body></html>
`;
}
