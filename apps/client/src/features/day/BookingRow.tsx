import type { Account } from '@spalo/contract';
import { lockedBy, redFlag } from '@spalo/core/person';
import type { LoadsDraft } from '@spalo/core/planning';
import type { Unit } from '@spalo/core/unit';
import { closedText } from '@spalo/core/words';
import { Pressable, View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { Chip } from '../../design/Chip';
import { Icon } from '../../design/Icon';
import { capital } from '../../design/sentence';
import { Figure, Quiet, Strong } from '../../design/Words';
import type { HourRow } from '../../parts/booking/use-hours';
import { FlagLine } from '../../parts/client/FlagLine';
import { PastMissing } from '../../parts/client/PastMissing';
import { loadReps } from '../../parts/words/load-words';
import { shortLiftNames } from '../../parts/words/short-lift-names';
import { stateOf } from './booking-state';
import { StartButton } from './StartButton';

/** The planned lifts, two beside each other: load and reps, and of what. */
function Loads({ draft, unit }: { draft: LoadsDraft; unit: Unit }) {
  const names = shortLiftNames(draft.lifts.map(({ liftId }) => liftId));
  return (
    <View className="flex-row flex-wrap gap-y-0.5">
      {draft.lifts.map((plan) => (
        <View
          key={plan.liftId}
          className="min-w-0 max-w-full shrink grow basis-[9rem] flex-row items-baseline gap-1 pr-1"
        >
          <Figure className="shrink-0 text-body leading-6" numberOfLines={1}>
            {loadReps(plan.loadG, plan.reps, unit, plan.counted)}
          </Figure>
          <Quiet className="min-w-0 shrink text-tiny" numberOfLines={1}>
            {names.get(plan.liftId)}
          </Quiet>
          {plan.again && <Icon name="alert" size={16} color="oxide" />}
        </View>
      ))}
    </View>
  );
}

/** What a row says below the name: why not, what was, or what to know. */
function Line({ row, open }: { row: HourRow; open: boolean }) {
  const { booking, client, draft } = row;
  const state = stateOf(booking);
  if (client.archivedAt !== null) return <Quiet>Archived: restore them to start a session.</Quiet>;
  if (state === 'off') return <Quiet>{capital(booking.state!)}</Quiet>;
  if (state === 'done') return <Quiet>Done</Quiet>;
  const again = draft?.lifts.some((plan) => plan.again);
  return (
    <>
      {client.brief ? <Quiet numberOfLines={open ? 2 : 1}>{client.brief}</Quiet> : null}
      {again && <Chip look="flag" icon="alert" label="decide again" />}
    </>
  );
}

/**
 * A booking as a row: who and what could go wrong; of now and next also what is planned and the way onto the floor. The rest is on tap.
 */
export function BookingRow({
  row,
  account,
  open,
  chosen,
  onOpen,
  onStart,
  onFloor,
}: {
  row: HourRow;
  account: Account;
  /** It is of now or next. */
  open: boolean;
  /** Its plan is shown beside the list. */
  chosen: boolean;
  onOpen: () => void;
  onStart: () => void;
  onFloor: () => void;
}) {
  const { booking, client, draft } = row;
  const state = stateOf(booking);
  const red = redFlag(client);
  const lock = red ? closedText(lockedBy(red)) : null;
  const ahead = state === 'to come' || state === 'on the floor';
  return (
    <View className={`gap-1 py-2 ${chosen ? 'border-l-4 border-moss pl-2' : ''}`}>
      <View className="flex-row flex-wrap items-start gap-2">
        <Pressable
          role="button"
          aria-label={`Plan of ${client.name}`}
          onPress={onOpen}
          className="min-h-[44px] min-w-0 max-w-full shrink grow basis-[9rem] justify-center active:opacity-70"
        >
          <View className="flex-row flex-wrap items-baseline gap-x-2">
            <Strong className={ahead ? '' : 'text-slate'}>{client.name}</Strong>
            {ahead && <FlagLine client={client} />}
          </View>
          {!open && <Line row={row} open={false} />}
        </Pressable>
        {open && <StartButton booking={booking} client={client} onStart={onStart} />}
        {state === 'on the floor' && (
          <Button
            kind="now"
            label="Floor"
            says={`Go to ${client.name} on the floor`}
            onPress={onFloor}
          />
        )}
        {!open && state !== 'on the floor' && (
          <View aria-hidden className="min-h-[44px] justify-center">
            <Icon name="forward" size={18} color="slate" />
          </View>
        )}
      </View>
      {open && <Line row={row} open />}
      {lock && <Banner kind="stop" title={lock} />}
      {state === 'to come' && <PastMissing client={client} />}
      {open && ahead && !draft && row.room && client.past !== 'coming' && (
        <Quiet>Its plan could not be worked out.</Quiet>
      )}
      {open && ahead && draft && <Loads draft={draft} unit={account.studio.unit} />}
      {/* What comes later moves nothing from under a thumb: four lifts stand in two lines. */}
      {open && ahead && !draft && client.past === 'coming' && <View className="h-[50px]" />}
    </View>
  );
}
