export { clockAheadMs, nowIso, nowMs, setClock } from './clock';
export { dayIn, dayPlus, setStudioZone, studioDay } from './days';
export { countText, LANGUAGE, listText } from './language';
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
