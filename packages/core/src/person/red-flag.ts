import type { Why } from '../words/why';
import { openFlags, redPlaces, type Flag, type FlagPlace, type RedPlace } from './person';

const red: readonly FlagPlace[] = redPlaces;

export const isRedPlace = (place: FlagPlace): place is RedPlace => red.includes(place);

/** The open flag that locks a client for all loaded work, or null. Only a clinician's clearance opens it. */
export const redFlag = (person: { flags: readonly Flag[] }): Flag | null =>
  openFlags(person).find(({ place }) => isRedPlace(place)) ?? null;

/** Why a client is locked, and what opens it. */
export const lockedBy = ({ place }: Flag): Why => ({ code: 'red-flag', place });
