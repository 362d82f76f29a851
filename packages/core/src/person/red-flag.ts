import { openFlags, redPlaces, type Flag, type FlagPlace, type RedPlace } from './person';

const red: readonly FlagPlace[] = redPlaces;

export const isRedPlace = (place: FlagPlace): place is RedPlace => red.includes(place);

/** The open flag that locks a client for all loaded work, or null. Only a clinician's clearance opens it. */
export const redFlag = (person: { flags: readonly Flag[] }): Flag | null =>
  openFlags(person).find(({ place }) => isRedPlace(place)) ?? null;

const sign: Partial<Record<FlagPlace, string>> = {
  chest: 'Chest pain',
  head: 'Dizziness or a head that hurt',
  nerves: 'Numbness',
};

/** Why a client is locked, and what opens it, in one sentence. */
export const lockedBy = ({ place }: Flag): string =>
  `${sign[place] ?? 'A red flag'} was reported: no loaded work until a clinician’s clearance is recorded`;
