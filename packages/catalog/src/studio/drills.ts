import type { Drill } from '@spalo/core/warm-up';
import { catalogueDrill, drills } from '../drills/drills';
import { rehearsalOf } from '../drills/rehearse';
import { teachingHere, type Teaching } from './here';

const ofTeaching = new WeakMap<Teaching, readonly Drill[]>();

/** Every drill that is done here: the catalogue's, and the rehearsals of lifts that the studio at hand added. */
export function drillsHere(): readonly Drill[] {
  const teaching = teachingHere();
  const known = ofTeaching.get(teaching);
  if (known) return known;
  const own = teaching.lifts.filter(({ like }) => like !== undefined).map(rehearsalOf);
  const all = own.length > 0 ? [...drills, ...own] : drills;
  ofTeaching.set(teaching, all);
  return all;
}

/** The drill with this id, or the one that took its place; undefined for one that was never there. */
export const findDrill = (drillId: string): Drill | undefined =>
  catalogueDrill(drillId) ?? drillsHere().find(({ id }) => id === drillId);
