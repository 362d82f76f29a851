/** Weeks: what is only looked at where they are planned. */
export {
  blockView,
  type BlockDayView,
  type BlockLiftView,
  type BlockView,
} from './weeks/block-view';
export { isItWorking } from './weeks/is-it-working';
export type { Advice, BlockBefore, LiftWorking, Working } from './weeks/working';
