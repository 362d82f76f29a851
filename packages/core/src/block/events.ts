import type { Envelope, EventsOf } from '../log/event';
import type { Steps } from '../log/reduce';
import type { WithdrawPayloads } from '../log/withdraw';
import type { Ask, BlockLift, BlockPlan, BlockState, Keenness, LeftOut } from './block';

/** Every payload of a block's log, by event type. */
export interface BlockPayloads extends WithdrawPayloads {
  'block.started': { clientId: string; plan: BlockPlan };
  'block.named': { name: string };
  /** One cell is asked otherwise; null: the lift rests that day. */
  'block.asked': LeftOut & { liftId: string; ask: Ask | null };
  /** A lift comes in, or goes another way. */
  'block.lift-planned': { lift: BlockLift };
  'block.lift-left-out': { liftId: string };
  /** A session that was missed is not made up for, or is after all. */
  'block.day-left-out': LeftOut & { leftOut: boolean };
  /** How the client stands to it. */
  'block.keenness-told': { keenness: Keenness };
  /** `ended: false` takes it up again. */
  'block.ended': { ended: boolean };
}

export type BlockEventType = keyof BlockPayloads;

/** One entry of a block's append-only log. */
export type BlockEvent = EventsOf<'block', BlockPayloads>;

const withAsk = (lift: BlockLift, { week, day }: LeftOut, ask: Ask | null): BlockLift => ({
  ...lift,
  weeks: lift.weeks.map((days, w) =>
    w === week ? days.map((each, d) => (d === day ? ask : each)) : days,
  ),
});

/** What each event does to the block, in place. Those about what it does not hold change nothing. */
export const blockSteps: Steps<BlockState, BlockPayloads> = {
  // The start makes the state itself: see reduceBlock.
  'block.started': () => undefined,
  'block.named': (state, { name }) => {
    state.name = name;
  },
  'block.asked': (state, { liftId, ask, ...at }) => {
    state.lifts = state.lifts.map((lift) =>
      lift.liftId === liftId ? withAsk(lift, at, ask) : lift,
    );
  },
  'block.lift-planned': (state, { lift }) => {
    const place = state.lifts.findIndex(({ liftId }) => liftId === lift.liftId);
    state.lifts =
      place < 0
        ? [...state.lifts, lift]
        : state.lifts.map((each, at) => (at === place ? lift : each));
  },
  'block.lift-left-out': (state, { liftId }) => {
    state.lifts = state.lifts.filter((lift) => lift.liftId !== liftId);
  },
  'block.day-left-out': (state, { week, day, leftOut }) => {
    const others = state.leftOut.filter((each) => each.week !== week || each.day !== day);
    state.leftOut = leftOut ? [...others, { week, day }] : others;
  },
  'block.keenness-told': (state, { keenness }) => {
    state.keenness = keenness;
  },
  'block.ended': (state, { ended }, { at }) => {
    state.endedAt = ended ? at : null;
  },
  // What was taken back is left out before any step is taken.
  'entries.withdrawn': () => undefined,
};

/** An entry of a block's log. */
export const blockEvent = <T extends BlockEventType>(
  envelope: Omit<Envelope, 'stream'>,
  type: T,
  payload: BlockPayloads[T],
): BlockEvent =>
  // What the type parameter ties together, the union cannot say.
  ({ ...envelope, stream: 'block', type, payload }) as BlockEvent;
