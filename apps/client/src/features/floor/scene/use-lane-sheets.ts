import { useState } from 'react';
import { attempt } from '../../../state/problems';
import type { LaneSheets, Questioned, SheetName } from './lane-scene';

/** Which sheet lies over the lane, and what it is about. `ask` questions a set before it is kept. */
export function useLaneSheets(): {
  shown: SheetName | null;
  sheets: LaneSheets;
  ask: (questioned: Questioned) => void;
} {
  const [shown, setShown] = useState<SheetName | null>(null);
  const [step, setStep] = useState(0);
  const [faultId, setFaultId] = useState<string | null>(null);
  const [questioned, setQuestioned] = useState<Questioned | null>(null);
  const close = () => setShown(null);
  return {
    shown,
    ask(set) {
      setQuestioned(set);
      setShown('doubt');
    },
    sheets: {
      open: setShown,
      openStep(place) {
        setStep(place);
        setShown('step');
      },
      step,
      openFault(id) {
        setFaultId(id);
        setShown('fault');
      },
      faultId,
      questioned,
      close,
      closing(action) {
        attempt(action);
        close();
      },
    },
  };
}
