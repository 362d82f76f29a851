import type { Account, Booking } from '@spalo/contract';
import type { Room } from '@spalo/core/room';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../design/Button';
import { Sheet } from '../../design/Sheet';
import { TextField } from '../../design/TextField';
import { Body, Strong } from '../../design/Words';
import { BookSheet } from '../../parts/booking/BookSheet';
import { changeClient } from '../../parts/client/change-client';
import { removeTemplate, putTemplate } from '../../parts/template/change-template';
import { newId } from '../../state/log/ids';
import { attempt } from '../../state/problems';
import { useTemplates } from '../../state/queries';
import type { KnownClient } from '../../state/resources/known-client';
import { putBooking } from '../../parts/booking/change-booking';
import type { Builder } from './use-builder';

interface WaysProps {
  builder: Builder;
  client: KnownClient;
  room: Room;
  account: Account;
  booking: Booking | undefined;
  onClose: () => void;
}

/** Sessions that the studio keeps: one is taken with its lifts, the loads come from this client. */
function Kept({ builder, onClose }: Pick<WaysProps, 'builder' | 'onClose'>) {
  const templates = useTemplates();
  const sessions = templates.filter((each) => each.kind === 'session');
  if (sessions.length === 0) return null;
  return (
    <View className="gap-2">
      <Strong>From the studio’s sessions</Strong>
      {sessions.map((template) => (
        <View key={template.id} className="flex-row gap-2">
          <Button
            label={template.name}
            says={`Take ${template.name}`}
            onPress={() => {
              builder.take(template.lifts);
              onClose();
            }}
            className="flex-1"
          />
          <Button
            icon="close"
            label="Remove"
            says={`Keep ${template.name} no longer`}
            onPress={() => attempt(() => removeTemplate(template))}
          />
        </View>
      ))}
    </View>
  );
}

/** Keeps the session in the studio under a name. */
function KeepAs({ builder, onClose }: Pick<WaysProps, 'builder' | 'onClose'>) {
  const [name, setName] = useState('');
  const [tried, setTried] = useState(false);
  const keep = () => {
    setTried(true);
    if (name.trim() === '') return;
    const template = { kind: 'session' as const, name: name.trim(), lifts: builder.lifts };
    attempt(async () => {
      await putTemplate({ ...template, id: newId() }, null);
      onClose();
    });
  };
  return (
    <View className="gap-2">
      <TextField
        label="Save it for the studio as"
        value={name}
        onChange={setName}
        max={60}
        problem={tried && name.trim() === '' ? 'A name to find it by' : null}
      />
      <Button label="Save" onPress={keep} />
    </View>
  );
}

/** The other ways of a session: booked, as the client's programme, kept in the studio, or taken from what is kept there. */
export function MoreWays({ builder, client, room, account, booking, onClose }: WaysProps) {
  const [booked, setBooked] = useState(false);
  const { lifts, minutes } = builder;
  if (booked) {
    return (
      <BookSheet
        clientId={client.id}
        account={account}
        built={{ lifts, minutes, roomId: room.id }}
        onClose={onClose}
      />
    );
  }
  const asProgramme = () =>
    attempt(async () => {
      await changeClient(
        client,
        { programme: lifts.slice(0, 12).map(({ liftId }) => liftId) },
        'Kept as their programme',
      );
      onClose();
    });
  const ownLifts = () =>
    attempt(async () => {
      await putBooking({ ...booking!, lifts: null }, booking!);
      onClose();
    });
  return (
    <Sheet title="This session" open onClose={onClose}>
      {lifts.length > 0 && (
        <>
          {!booking && <Button label="Book it" onPress={() => setBooked(true)} />}
          <Button label="Make it their programme" onPress={asProgramme} />
          <Body>Their programme is what every session without one of its own begins with.</Body>
        </>
      )}
      {booking?.lifts && <Button label="Their own lifts again" onPress={ownLifts} />}
      <Kept builder={builder} onClose={onClose} />
      {lifts.length > 0 && <KeepAs builder={builder} onClose={onClose} />}
    </Sheet>
  );
}
