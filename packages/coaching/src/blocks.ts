/** Weeks: what is only looked at where they are planned. */
export { blockView, type BlockDayView, type BlockLiftView, type BlockView } from './block-view';
export {
  isItWorking,
  type Advice,
  type BlockBefore,
  type LiftWorking,
  type Working,
} from './is-it-working';
