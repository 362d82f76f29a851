import { sameSpot } from '../person/flag-degree';
import { spotText } from '../person/limits';
import type { Flag, FlagPlace } from '../person/person';
import { isRedSign, placeOfSign, type Pain } from '../session/pain';
import type { PainReport } from '../session/state';

/** Why a lift ends. `redFlag` ends the session: first aid and a clinician, not a lighter load. */
export interface Stop {
  /** The report that ended it; null where the client was locked before. */
  report: PainReport | null;
  redFlag: boolean;
  why: string;
}

/** A stop for what was reported in the lift itself. */
export interface PainStop extends Stop {
  report: PainReport;
}

const STOP_AT = 4;
const STOP_AT_RISE = 2;

export function stopFor(report: PainReport, baseline: number): PainStop | null {
  if (report.kind !== 'ache') {
    const sign = {
      sharp: 'sharp pain',
      numb: 'numbness',
      dizzy: 'dizziness',
      chest: 'chest pain',
      breathless: 'sudden breathlessness',
      headache: 'the worst headache',
      saddle: 'numbness between the legs, or bladder or bowel trouble',
    }[report.kind];
    // A red sign says itself where it is.
    const isSaid = isRedSign(report.kind) && report.place === placeOfSign[report.kind];
    return {
      report,
      redFlag: redPlaceOf(report) !== null,
      why: report.kind === 'chest' || isSaid ? sign : `${sign} (${spotText(report)})`,
    };
  }
  if (report.score >= STOP_AT) {
    return { report, redFlag: false, why: `pain ${report.score} of 10 in the ${spotText(report)}` };
  }
  if (report.score - baseline >= STOP_AT_RISE) {
    return {
      report,
      redFlag: false,
      why: `pain rose from ${baseline} to ${report.score} in the ${spotText(report)}`,
    };
  }
  return null;
}

/**
 * The first report that ends the lift, or null. Pain of 4 in 10 or more, a rise of 2 or more over the client's
 * usual or first level there, or anything sharp, numb, dizzy or in the chest.
 */
export function painStop(pains: readonly PainReport[], flags: readonly Flag[]): PainStop | null {
  const usual = flags
    .filter(({ state }) => state !== 'removed')
    .map(({ place: where, side, usualPain: score }) => ({ place: where, side, score }));
  for (const report of pains) {
    // Of this side and no other: what is usual on the right says nothing of the left.
    const level = usual.find((each) => sameSpot(each, report));
    const stop = stopFor(report, level?.score ?? 0);
    if (stop) return stop;
    if (!level) usual.push(report);
  }
  return null;
}

/** The place of the red flag that a report raises, or null: chest, head, dizziness and numbness end the session. */
export function redPlaceOf({ place, kind }: Pick<Pain, 'place' | 'kind'>): FlagPlace | null {
  if (isRedSign(kind)) return placeOfSign[kind];
  return place === 'chest' || place === 'head' || place === 'nerves' ? place : null;
}
