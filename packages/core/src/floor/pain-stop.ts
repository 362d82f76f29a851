import { sameSpot } from '../person/flag-degree';
import { spotText } from '../person/limits';
import type { Flag, FlagPlace } from '../person/person';
import { isRedSign, placeOfSign, type Pain } from '../session/pain';
import type { PainReport } from '../session/state';
import type { Why } from '../words/why';

/** Why a lift ends. `redFlag` ends the session: first aid and a clinician, not a lighter load. */
export interface Stop {
  /** The report that ended it; null where the client was locked before. */
  report: PainReport | null;
  redFlag: boolean;
  why: Why;
}

/** A stop for what was reported in the lift itself. */
export interface PainStop extends Stop {
  report: PainReport;
}

const STOP_AT = 4;
const STOP_AT_RISE = 2;

export function stopFor(report: PainReport, baseline: number): PainStop | null {
  if (report.kind !== 'ache') {
    const { kind } = report;
    // A red sign says itself where it is.
    const isSaid = kind === 'chest' || (isRedSign(kind) && report.place === placeOfSign[kind]);
    return {
      report,
      redFlag: redPlaceOf(report) !== null,
      why: { code: 'pain-sign', kind, spot: isSaid ? '' : spotText(report) },
    };
  }
  if (report.score >= STOP_AT) {
    const why: Why = { code: 'pain-level', score: report.score, spot: spotText(report) };
    return { report, redFlag: false, why };
  }
  if (report.score - baseline >= STOP_AT_RISE) {
    return {
      report,
      redFlag: false,
      why: { code: 'pain-rose', from: baseline, to: report.score, spot: spotText(report) },
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
