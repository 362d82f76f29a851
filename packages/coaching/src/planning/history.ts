import { repLifts } from '@spalo/catalog';
import type { HistoryContext } from '@spalo/core/memory';
import type { Person } from '@spalo/core/person';
import { mainFaultIn } from '../technique/faults';

/** What a client's history is folded with. */
export const historyContext = (person: Person): HistoryContext => ({
  mainFaultOf: mainFaultIn,
  lifts: repLifts(),
  person,
});
