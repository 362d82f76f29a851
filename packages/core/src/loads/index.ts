export { canBeDone, implementsFor } from './choose-implement';
export { loadables } from './loadables';
export {
  around,
  atOrBelow,
  exactly,
  lightest,
  listed,
  nearest,
  noLoads,
  shownAs,
  stepDown,
  stepUp,
  type Loads,
} from './loads';
