import { useEffect, useState } from 'react';
import { nameInAddress, useLinkedSheet, type SheetLink } from '../../../parts/lane/sheet-link';
import { attempt } from '../../../state/problems';
import { isSheetName, type LaneSheets, type Questioned, type SheetName } from './lane-scene';

/** What a sheet is about, as its link says it; a question about a set cannot be sent. */
function linkOf(lane: string, shown: SheetName, step: number, faultId: string | null): SheetLink {
  const at = shown === 'step' ? String(step) : shown === 'fault' ? faultId : null;
  return { lane, sheet: shown, at };
}

/** Which sheet lies over the lane of a session, and what it is about. `ask` questions a set before it is kept. */
export function useLaneSheets(sessionId: string): {
  shown: SheetName | null;
  sheets: LaneSheets;
  ask: (questioned: Questioned) => void;
} {
  const [shown, setShown] = useState<SheetName | null>(null);
  const [step, setStep] = useState(0);
  const [faultId, setFaultId] = useState<string | null>(null);
  const [questioned, setQuestioned] = useState<Questioned | null>(null);
  const linked = useLinkedSheet(({ linked: asked }) => (asked?.lane === sessionId ? asked : null));
  const [followed, setFollowed] = useState<SheetLink | null>(null);
  if (linked && linked !== followed) {
    setFollowed(linked);
    setStep(Number(linked.at) || 0);
    setFaultId(linked.at);
    if (isSheetName(linked.sheet)) setShown(linked.sheet);
  }
  useEffect(() => {
    if (followed) useLinkedSheet.setState({ linked: null });
  }, [followed]);
  useEffect(() => {
    if (!shown || shown === 'doubt') return undefined;
    return nameInAddress(linkOf(sessionId, shown, step, faultId));
  }, [sessionId, shown, step, faultId]);
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
