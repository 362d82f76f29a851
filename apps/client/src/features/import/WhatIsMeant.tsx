import { countText } from '@spalo/core/unit';
import { findLift } from '@spalo/catalog';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Section } from '../../design/Section';
import { Quiet, Strong } from '../../design/Words';
import { ClientFinder } from '../../parts/client/ClientFinder';
import { LiftPicker } from '../../parts/pickers/LiftPicker';
import type { Importing } from './use-import';

/** A name of the file, what it is taken for, and the ways to say otherwise. */
function Name({
  name,
  sets,
  means,
  likely,
  unsaid = 'Left out: say what it is',
  onChange,
  onLeaveOut,
}: {
  name: string;
  sets: number;
  /** Null where it is left out. */
  means: string | null;
  /** What stands where it is. */
  unsaid?: string;
  /** What it may mean, where nobody can be sure, and the way to say that it does. */
  likely?: { name: string; onTake: () => void };
  onChange: () => void;
  onLeaveOut: () => void;
}) {
  return (
    <View className="gap-1 border-b border-line pb-2">
      <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
        <Strong className="shrink">{name}</Strong>
        <Quiet>{countText(sets, 'set')}</Quiet>
      </View>
      <View className="flex-row flex-wrap items-center gap-2">
        {likely && (
          <Button
            label={`It is ${likely.name}`}
            says={`${name}: it is ${likely.name}`}
            onPress={likely.onTake}
          />
        )}
        <Button
          label={means ?? (likely ? 'Another' : unsaid)}
          says={`${name} is ${means ?? 'left out'}`}
          onPress={onChange}
        />
        {means !== null && (
          <Button label="Leave out" says={`Leave ${name} out`} onPress={onLeaveOut} />
        )}
        {likely && <Quiet className="text-oxide">Left out until you say.</Quiet>}
      </View>
    </View>
  );
}

/** Whom and which lifts the names of the file mean; what is doubtful comes first. */
export function WhatIsMeant({ importing }: { importing: Importing }) {
  const [lift, setLift] = useState<string | null>(null);
  const [client, setClient] = useState<string | null>(null);
  const { view, meant, clients } = importing;
  if (!view || !meant) return null;
  const clientName = (id: string | null | undefined) =>
    clients.find((each) => each.id === id)?.name ?? null;
  const doubt = (name: string) => {
    const { found } = view.lifts.find((each) => each.name === name)!;
    return meant.liftOf[name] === null ? 0 : found?.sure ? 2 : 1;
  };
  const lifts = [...view.lifts].sort((a, b) => doubt(a.name) - doubt(b.name) || b.sets - a.sets);
  return (
    <>
      <Section title="Whose they are">
        {view.clients.map(({ name, sets }) => (
          <Name
            key={name}
            name={name || 'The whole file'}
            sets={sets}
            means={clientName(meant.clientOf[name])}
            unsaid="Left out: say who it is"
            onChange={() => setClient(name)}
            onLeaveOut={() => importing.meanClient(name, null)}
          />
        ))}
      </Section>
      <Section title="Which lifts they are">
        <Quiet>Of two dumbbells the load is taken for that of one.</Quiet>
        {lifts.map(({ name, sets, found }) => {
          const liftId = meant.liftOf[name] ?? null;
          const guess = liftId === null && found ? findLift(found.liftId) : undefined;
          return (
            <Name
              key={name}
              name={name}
              sets={sets}
              means={liftId && (findLift(liftId)?.name ?? null)}
              {...(guess && {
                likely: {
                  name: guess.name,
                  onTake: () => importing.meanLift(name, guess.id),
                },
              })}
              onChange={() => setLift(name)}
              onLeaveOut={() => importing.meanLift(name, null)}
            />
          );
        })}
      </Section>
      {lift !== null && (
        <LiftPicker
          title={`Which lift is ${lift}?`}
          onPick={({ id }) => {
            importing.meanLift(lift, id);
            setLift(null);
          }}
          onClose={() => setLift(null)}
        />
      )}
      {client !== null && (
        <ClientFinder
          title={client ? `Who is ${client}?` : 'Whose sets are they?'}
          onPick={({ id }) => {
            importing.meanClient(client, id);
            setClient(null);
          }}
          onClose={() => setClient(null)}
        />
      )}
    </>
  );
}
