export { placesFor, standing } from './furniture';
export { implementKey, platesOf, type Build, type Implement, type Loadable } from './implement';
export {
  barKinds,
  emptyRoom,
  type BarKind,
  type Band,
  type Barbell,
  type Dumbbell,
  type Furniture,
  type Kettlebell,
  type Machine,
  type Plate,
  type Room,
  type Stack,
} from './room';
