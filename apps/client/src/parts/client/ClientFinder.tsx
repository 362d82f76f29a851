import type { ListedClient } from '@spalo/contract';
import { useState } from 'react';
import { Pressable } from 'react-native';
import { Sheet } from '../../design/Sheet';
import { TextField } from '../../design/TextField';
import { Body, Strong } from '../../design/Words';
import { useClients } from '../../state/queries';

/** Finds a client by typing a part of their name. */
export function ClientFinder({
  title,
  onPick,
  onClose,
}: {
  title: string;
  onPick: (client: ListedClient) => void;
  onClose: () => void;
}) {
  const { data: clients = [] } = useClients();
  const [wanted, setWanted] = useState('');
  const found = clients
    .filter(({ archivedAt }) => archivedAt === null)
    .filter(({ name, calledName }) =>
      `${name} ${calledName}`.toLowerCase().includes(wanted.trim().toLowerCase()),
    );
  return (
    <Sheet title={title} open onClose={onClose}>
      <TextField label="Find a client" value={wanted} onChange={setWanted} max={80} />
      {found.length === 0 && <Body>{`No client matches “${wanted}”.`}</Body>}
      {found.map((client) => (
        <Pressable
          key={client.id}
          role="button"
          onPress={() => onPick(client)}
          className="min-h-tap justify-center border-b border-line active:opacity-80"
        >
          <Strong>{client.name}</Strong>
        </Pressable>
      ))}
    </Sheet>
  );
}
