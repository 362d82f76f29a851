export { implementKey, platesOf, type Build, type Implement, type Loadable } from './implement';
export {
  barKinds,
  type Band,
  type Barbell,
  type Dumbbell,
  type Kettlebell,
  type Machine,
  type Plate,
  type Room,
  type Stack,
} from './room';
