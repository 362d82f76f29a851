import { allLifts } from '@spalo/catalog';
import type { Lift } from '@spalo/core/lift';
import type { OwnLift } from '@spalo/core/technique';
import { useState } from 'react';
import { Button } from '../../../design/Button';
import { Sheet } from '../../../design/Sheet';
import { TextField } from '../../../design/TextField';
import { Body, Strong } from '../../../design/Words';
import { LiftChooser } from '../../../parts/pickers/LiftPicker';
import { attempt } from '../../../state/problems';
import { nothingOwn, ownId, putOwnLift } from './change-own-lift';

/** What is wrong with the name of a new lift; null where nothing is. */
function nameProblem(name: string): string | null {
  if (name.trim().length < 2) return 'Give it a name';
  const same = allLifts().some((lift) => lift.name.toLowerCase() === name.trim().toLowerCase());
  return same ? 'A lift of that name is there already' : null;
}

/** A lift that the catalogue lacks: its name, and the lift that it is most like, which lends it loads, ramp and lesson. */
export function AddLiftSheet({
  onAdded,
  onClose,
}: {
  onAdded: (own: OwnLift) => void;
  onClose: () => void;
}) {
  const [name, setName] = useState('');
  const [like, setLike] = useState<Lift | null>(null);
  const [tried, setTried] = useState(false);
  const problem = nameProblem(name);
  const add = () => {
    setTried(true);
    if (problem !== null || !like) return;
    const own = { ...nothingOwn(ownId()), added: { name: name.trim(), like: like.id } };
    attempt(async () => {
      await putOwnLift(own, null);
      onAdded(own);
    });
  };
  return (
    <Sheet title="Add a lift" open onClose={onClose}>
      <TextField
        label="Name"
        value={name}
        onChange={setName}
        max={60}
        problem={tried ? problem : null}
      />
      <Strong>{like ? `Most like: ${like.name}` : 'Most like'}</Strong>
      <Body>
        Loads, ramp and lesson begin as those of this lift; what the client does then makes its own.
      </Body>
      {tried && !like && (
        <Strong role="alert" className="text-small text-oxide">
          Choose the lift that it is most like
        </Strong>
      )}
      <Button kind="main" label="Add it" onPress={add} />
      <LiftChooser
        among={allLifts().filter((lift) => lift.like === undefined)}
        taken={like ? [like.id] : []}
        onPick={setLike}
      />
    </Sheet>
  );
}
