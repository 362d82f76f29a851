import { warmLifts } from '@spalo/coaching';
import type { Client } from '@spalo/contract';
import {
  currentRest,
  generalStanding,
  liftInTurn,
  standingOf,
  type GeneralStanding,
  type Rest,
  type Standing,
} from '@spalo/core/floor';
import type { Room } from '@spalo/core/room';
import { liftIsDone, type LiftState, type SessionState } from '@spalo/core/session';
import type { StrengthProfile } from '@spalo/core/strength';
import { profileOfNobody, profileToday } from '../../state/strength';
import { liftView, workingNumber, workingTotal, type LiftView } from './lift-view';

/** One client on the floor, as their session's log and this room tell it. */
export interface LaneView {
  session: SessionState;
  client: Client | undefined;
  room: Room;
  strength: StrengthProfile;
  name: string;
  lifts: LiftView[];
  current: LiftView | null;
  position: number;
  rest: Rest | null;
  finished: boolean;
  general: GeneralStanding;
  /** Lifts whose muscles earlier lifts have warmed, or will have by then. */
  warm: ReadonlySet<string>;
}

const firstName = (name: string) => name.split(' ', 1).join('');

/** What a client is called on the floor. */
const calledName = (client: Pick<Client, 'name' | 'calledName'> | undefined): string =>
  client ? client.calledName || firstName(client.name) : 'Client';

/** The lane of a session; `opened` is the lift that the trainer looks at, else the first that is not done. */
export function laneView(
  session: SessionState,
  client: Client | undefined,
  room: Room,
  opened: string | undefined,
  standing: Standing = standingOf([session], room),
): LaneView {
  const strength = client ? profileToday(client, session) : profileOfNobody(session);
  const place = { session, client, room, strength, standing };
  const lifts = session.lifts.flatMap((state) => liftView(state, place) ?? []);
  const open = lifts.find((view) => view.lift.id === opened);
  const viewOf = (state: LiftState | undefined) => lifts.find((each) => each.state === state);
  const turn = liftInTurn(session.lifts, (state) => viewOf(state)?.next.kind === 'step');
  const current = open ?? viewOf(turn) ?? null;
  const asksLonger = (state: LiftState) => {
    const view = viewOf(state);
    return view?.next.kind === 'step' && view.next.restLonger;
  };
  const rest = currentRest(session, asksLonger, current?.state);
  return {
    session,
    client,
    room,
    strength,
    name: calledName(client),
    lifts,
    current,
    position: current ? lifts.indexOf(current) + 1 : lifts.length,
    rest,
    finished: lifts.every((view) => view.next.kind !== 'step' || liftIsDone(view.state)),
    general: generalStanding(session, opened !== undefined),
    warm: warmLifts(session),
  };
}

/** How a session with this set of lifts stands, in a few words for the strip. */
export function laneDoing({ current, general }: LaneView): string {
  if (general.active) {
    const { steps, now } = general;
    return `drill ${steps.findIndex((step) => step === now) + 1} of ${steps.length}`;
  }
  if (!current) return 'wrap up';
  if (current.next.kind === 'stop') return 'stopped';
  if (current.next.kind === 'done') return 'lift done';
  return current.next.set.kind === 'warm-up'
    ? `ramp ${current.next.step + 1}`
    : `set ${workingNumber(current)} of ${workingTotal(current)}`;
}
