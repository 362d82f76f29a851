import { isSharing } from '@spalo/core/floor';
import { lazy, Suspense, useContext, useState } from 'react';
import { Chip } from '../../../design/Chip';
import { Lanes } from '../scene/lanes';
import { useLane } from '../scene/lane-scene';
import { sharingLanes } from './shared-bar';

/** Fetched when it is asked for; it is rare. */
const SharedBarSheet = lazy(async () => ({
  default: (await import('./SharedBarSheet')).SharedBarSheet,
}));

/** Offers to load a bar together while someone warms up on it and others work on it too. */
export function SharedBar() {
  const { lane } = useLane();
  const partners = sharingLanes(lane, useContext(Lanes));
  const [open, setOpen] = useState(false);
  const view = lane.current;
  const warmingUp = view?.next.kind === 'step' && view.next.set.kind === 'warm-up';
  if (!view || !warmingUp || partners.length === 0 || isSharing(view.state)) return null;
  const names = partners.map((other) => other.name).join(' or ');
  return (
    <>
      <Chip
        says={`One bar with ${names}: load it together`}
        label={`One bar with ${names}`}
        icon="swap"
        onPress={() => setOpen(true)}
      />
      <Suspense>
        {open && <SharedBarSheet partners={partners} onClose={() => setOpen(false)} />}
      </Suspense>
    </>
  );
}
