import type { RestClass } from '../../lift/lift';
import type { Place } from '../../lift/places';
import type { Implement } from '../../room/implement';
import type { Grams } from '../../unit/mass';
import type { Want } from './things';
import { windowsFrom } from './windows';

/** A lift of somebody who comes, as an hour is arranged from it. */
export interface HourLift {
  liftId: string;
  restClass: RestClass;
  implement: Implement;
  /** Bars that it could be done with instead; none for what no bar is loaded for. */
  otherBars: readonly string[];
  loadG: Grams;
  places: readonly Place[];
  /** How long it takes, about. */
  seconds: number;
}

/** Somebody who comes, with their lifts in the order in which they are planned. */
export interface HourClient {
  bookingId: string;
  /** When their first lift begins, seconds of the hour. */
  startS: number;
  lifts: readonly HourLift[];
  /** Their order is set and stays: seated lifts first, lifts in turn. */
  isFixed: boolean;
}

/** What each wants, with the times that its order gives. */
export const wantsOf = (clients: readonly HourClient[]): Want[] =>
  clients.flatMap(({ bookingId, startS, lifts }) => {
    const windows = windowsFrom(
      startS,
      lifts.map(({ seconds }) => seconds),
    );
    return lifts.map(({ liftId, implement, loadG, places }, at): Want => {
      const [fromS, toS] = windows[at]!;
      return { bookingId, liftId, implement, loadG, places, fromS, toS };
    });
  });
