import { listText, nowMs } from '@spalo/core/unit';
import type { Account, ListedClient } from '@spalo/contract';
import { useState } from 'react';
import { View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Sheet } from '../../design/Sheet';
import { Body, Quiet, Strong } from '../../design/Words';
import type { CalendarFile, FileHour } from '../../parts/booking/calendar-file';
import { bookMany, type Booked } from '../../parts/booking/change-booking';
import { ClientFinder } from '../../parts/client/ClientFinder';
import { clockTime, shortDate } from '../../parts/time/day-time';
import { attempt } from '../../state/problems';
import { useClients } from '../../state/queries';

const NOBODY = '';

/** The client that a title names; nobody where it names none, or several. */
function namedIn(title: string, clients: readonly ListedClient[]): string {
  const said = title.toLowerCase();
  const named = clients.filter(({ name, calledName }) =>
    [name, calledName].some((each) => each !== '' && said.includes(each.toLowerCase())),
  );
  return named.length === 1 ? named[0]!.id : NOBODY;
}

const passedOver = ({ over, wholeDays, otherLengths, unread }: CalendarFile): string[] => [
  ...(over > 0 ? [`${over} are over`] : []),
  ...(wholeDays > 0 ? [`${wholeDays} last whole days`] : []),
  ...(otherLengths > 0 ? [`${otherLengths} are shorter than 10 or longer than 240 minutes`] : []),
  ...(unread.length > 0
    ? [`${listText(unread.map((title) => title || 'one without a title'))} cannot be read`]
    : []),
];

const bookingOf = ({ id, startsAt, minutes, isOff }: FileHour, clientId: string): Booked => ({
  id,
  clientId,
  startsAt,
  minutes,
  ...(isOff && { state: 'cancelled in time' as const }),
});

/** What a calendar file holds, each title with whom it means; brought in as one, and taken back as one. */
export function CalendarFileSheet({
  file,
  account,
  onClose,
}: {
  file: CalendarFile;
  account: Account;
  onClose: () => void;
}) {
  const { data: clients = [] } = useClients();
  const [now] = useState(() => nowMs());
  const [chosen, setChosen] = useState<Record<string, string>>({});
  const [finding, setFinding] = useState<string | null>(null);
  const { zone } = account.studio;
  const here = clients.filter(({ archivedAt }) => archivedAt === null);
  const titles = [...new Set(file.hours.map(({ title }) => title))];
  const whoIs = (title: string) => chosen[title] ?? namedIn(title, here);
  const wanted = file.hours.filter(({ title }) => whoIs(title) !== NOBODY);
  const booked = wanted.map((hour) => bookingOf(hour, whoIs(hour.title)));
  const bring = () =>
    attempt(async () => {
      await bookMany(booked);
      onClose();
    });
  const over = passedOver(file);
  const nameOf = (id: string) => here.find((each) => each.id === id)?.name;
  if (finding !== null) {
    return (
      <ClientFinder
        title={`Who is ${finding || 'this'}?`}
        onPick={({ id }) => {
          setChosen({ ...chosen, [finding]: id });
          setFinding(null);
        }}
        onClose={() => setFinding(null)}
      />
    );
  }
  return (
    <Sheet title="From a calendar file" open onClose={onClose}>
      <Body>{`${file.hours.length} hours are still to come. Reading the same file again books nothing twice.`}</Body>
      {over.length > 0 && <Quiet>{`Passed over: ${over.join(', ')}.`}</Quiet>}
      {file.unknownZones.length > 0 && (
        <Banner kind="wait" title={`${listText(file.unknownZones)} is no zone that is known`}>
          Its times are read on this studio’s clock: look whether they are right before booking.
        </Banner>
      )}
      {titles.map((title) => {
        const hours = file.hours.filter((each) => each.title === title);
        const [first] = hours;
        const name = title || 'Without a title';
        return (
          <View key={title} className="gap-1 border-b border-line pb-2">
            <Strong>{name}</Strong>
            <Quiet>
              {`${hours.length} from ${shortDate(first!.startsAt, zone, now)}, ${clockTime(first!.startsAt, zone)}`}
            </Quiet>
            <View className="flex-row flex-wrap gap-2">
              <Button
                label={nameOf(whoIs(title)) ?? 'Left out: choose who it is'}
                says={`Who is ${name}? ${nameOf(whoIs(title)) ?? 'Left out'}`}
                onPress={() => setFinding(title)}
              />
              {whoIs(title) !== NOBODY && (
                <Button
                  label="Leave it out"
                  says={`Leave ${name} out`}
                  onPress={() => setChosen({ ...chosen, [title]: NOBODY })}
                />
              )}
            </View>
          </View>
        );
      })}
      <Button
        kind="main"
        label={booked.length === 0 ? 'Nobody is chosen' : `Book ${booked.length}`}
        disabled={booked.length === 0}
        onPress={bring}
      />
    </Sheet>
  );
}
