import { repLifts } from '@spalo/catalog';
import { programmeFor } from '@spalo/coaching';
import type { Account, Client } from '@spalo/contract';
import { memoryOf } from '@spalo/core/memory';
import { loadCardRow, type CardCell, type CardRow } from '@spalo/core/load-card';
import type { Room } from '@spalo/core/room';
import type { StrengthProfile } from '@spalo/core/strength';
import { massNumber, type Unit } from '@spalo/core/unit';
import { closedText } from '@spalo/core/words';
import { useMemo, useState } from 'react';
import { Pressable, View } from 'react-native';
import { Choice } from '../../design/Choice';
import { Icon } from '../../design/Icon';
import { Section } from '../../design/Section';
import { Figure, Quiet, Strong } from '../../design/Words';
import { useNow } from '../../design/use-now';
import { loadUnit } from '../../parts/words/load-words';
import { certaintyWords } from '../../parts/words/certainty-words';
import { AskedSheet, type Asked } from './AskedSheet';

const reserves = [1, 2, 3].map((value) => ({ value, label: `${value} left` }));
const scopes = [
  { value: 'session', label: 'This session’s' },
  { value: 'done', label: 'Done before' },
  { value: 'all', label: 'All lifts' },
] as const;
type Scope = (typeof scopes)[number]['value'];

function Cell({
  row,
  cell,
  unit,
  onOpen,
}: {
  row: CardRow;
  cell: CardCell;
  unit: Unit;
  onOpen: () => void;
}) {
  const { load, ends, limit, answer, reps } = cell;
  const range = cell.range.replace('-', '–');
  const closed = limit !== null;
  const say = (grams: number) => massNumber(Math.round(grams), unit);
  const words = closed
    ? `${row.lift.name}, ${range} reps: closed. ${closedText(limit.why)}`
    : `${row.lift.name}, ${reps} reps: ${load ? massNumber(load.loadG, unit) : 'nothing here'}, likely ${say(answer.low)} to ${say(answer.high)}${ends ? '; the heaviest there is here' : ''}`;
  return (
    <Pressable
      role="button"
      aria-label={words}
      onPress={onOpen}
      className={`min-h-[3.75rem] flex-1 items-center justify-center border-line active:opacity-80 ${
        cell.range === '1-5' ? '' : 'border-l-2'
      }`}
    >
      {closed ? (
        <>
          <Icon name="closed" size={20} color="slate" />
          <Quiet className="text-tiny">closed</Quiet>
        </>
      ) : (
        <>
          <Figure className={answer.certainty === 'known' ? '' : 'text-slate'}>
            {load ? massNumber(load.loadG, unit) : '–'}
          </Figure>
          <Quiet className="text-tiny leading-4">
            {ends ? 'all there is' : `${say(answer.low)}–${say(answer.high)}`}
          </Quiet>
        </>
      )}
    </Pressable>
  );
}

/** The loads of each lift for each rep range, snapped to this room, with the range that is likely below each. */
export function LoadCardSection({
  client,
  room,
  profile,
  account,
}: {
  client: Client;
  room: Room;
  profile: StrengthProfile;
  account: Account;
}) {
  const { unit } = account.studio;
  const [rir, setRir] = useState(2);
  const [scope, setScope] = useState<Scope>('session');
  const [asked, setAsked] = useState<Asked | null>(null);
  const now = useNow(false);
  const rows = useMemo(() => {
    const session = programmeFor(client, room, new Date(now).toISOString()).map(
      ({ lift }) => lift.id,
    );
    const shown = repLifts().filter((lift) =>
      scope === 'all'
        ? true
        : scope === 'done'
          ? memoryOf(client.history, lift.id).lastDone !== null
          : session.includes(lift.id),
    );
    return shown.map((lift) => ({
      lift,
      row: loadCardRow(lift, client, profile, room, rir, {
        now: new Date(now).toISOString(),
        faults: memoryOf(client.history, lift.id).faults,
      }),
    }));
  }, [client, room, profile, rir, scope, now]);
  return (
    <Section title="Load card">
      <Choice label="Reserve" options={reserves} value={rir} onChange={setRir} />
      <Choice label="Which lifts" options={scopes} value={scope} onChange={setScope} />
      <View className="rounded-2xl bg-card">
        <View className="flex-row border-b-[3px] border-ink px-2 py-1">
          {['1–5', '6–7', '8–12', '13–20'].map((range) => (
            <Strong key={range} className="flex-1 text-center text-small">
              {range}
            </Strong>
          ))}
        </View>
        {rows.length === 0 && <Quiet className="p-4">No lift has been done yet.</Quiet>}
        {rows.map(({ lift, row }) => (
          <View key={lift.id} className="border-b border-line">
            <View className="flex-row flex-wrap items-baseline justify-between gap-x-2 px-3 pt-2">
              <Strong className="shrink">{lift.name}</Strong>
              <Quiet>
                {row.limit
                  ? 'closed'
                  : `${loadUnit(lift, unit)} · ${certaintyWords[row.cells[2]!.answer.certainty]}`}
              </Quiet>
            </View>
            <View className="flex-row">
              {row.cells.map((cell) => (
                <Cell
                  key={cell.range}
                  row={row}
                  cell={cell}
                  unit={unit}
                  onOpen={() =>
                    setAsked(
                      cell.limit
                        ? { closed: { liftId: lift.id, range: cell.range, ...cell.limit } }
                        : { lift, reps: cell.reps, rir },
                    )
                  }
                />
              ))}
            </View>
          </View>
        ))}
      </View>
      <Quiet>
        Grey figures are careful starts; below each, what is likely. Tap one to see what moved it.
      </Quiet>
      <AskedSheet client={client} asked={asked} account={account} onClose={() => setAsked(null)} />
    </Section>
  );
}
