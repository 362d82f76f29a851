export { clockAheadMs, nowIso, nowMs, setClock } from './clock';
export { dayIn, dayPlus, setStudioZone, shortDay, studioDay } from './days';
export { amid, changeText, countText, LANGUAGE, listText, percentText } from './language';
export { dayFrom, letteredDay, writtenDay, type WrittenOrder } from './written-day';
export {
  fromGrams,
  massNumber,
  massText,
  toGrams,
  typedMass,
  units,
  type Grams,
  type Unit,
} from './mass';
