import { repLifts } from '@spalo/catalog';
import type { HistoryContext, Person } from '@spalo/core';
import { mainFaultIn } from '../technique/faults';

/** What a client's history is folded with. */
export const historyContext = (person: Person): HistoryContext => ({
  mainFaultOf: mainFaultIn,
  lifts: repLifts(),
  person,
});
