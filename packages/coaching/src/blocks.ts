/** Weeks: what is only looked at where they are planned. */
export {
  blockView,
  type BlockDayView,
  type BlockLiftView,
  type BlockView,
} from './weeks/block-view';
export {
  isItWorking,
  type Advice,
  type BlockBefore,
  type LiftWorking,
  type Working,
} from './weeks/is-it-working';
