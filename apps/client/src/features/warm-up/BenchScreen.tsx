import { liftById, lifts, type CatalogueLift } from '@spalo/catalog';
import {
  chooseRamp,
  fromGrams,
  implementsFor,
  loadables,
  loadProblem,
  massNumber,
  massText,
  stepDown,
  stepUp,
  toGrams,
  type Implement,
  type LoadProblem,
  type Primer,
  type RampKind,
  type RampRequest,
  type Room,
  type Unit,
} from '@spalo/core';
import { useMemo, useState } from 'react';
import { ScrollView, useWindowDimensions, View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button, IconButton } from '../../design/Button';
import { Card } from '../../design/Card';
import { Choice } from '../../design/Choice';
import { changeText, platesText } from '../../design/load-text';
import { Ramp, type RampStepItem } from '../../design/Ramp';
import { Sheet } from '../../design/Sheet';
import { LoadingState } from '../../design/States';
import { Stepper } from '../../design/Stepper';
import { TextField } from '../../design/TextField';
import { useWide } from '../../design/use-wide';
import { Body, Figure, Quiet, Strong, Title } from '../../design/Words';
import { inWorker } from '../../state/heavy';
import { useRooms } from '../../state/queries';
import type { BenchRamp } from '../../state/ramp-work';
import { attempt } from '../../state/problems';
import { useHeavy } from '../../state/use-heavy';
import { clock, loadReps, loadUnit } from '../floor/words';
import { LiftPicker } from '../lifts/LiftPicker';
import { useRoomUi, useRoomChoice } from '../room/use-room';
import { minutesText, rampWords } from './ramp-words';

/** A body that a walk-in may have, for lifts that lift a share of it. */
const SOMEBODY_G = 75_000;
const START_G = 60_000;
const ages = [
  { value: 1, label: 'Under 3 months' },
  { value: 6, label: '3 to 12' },
  { value: 18, label: '1 to 2 years' },
  { value: 36, label: 'Longer' },
];
const primers: { value: Primer; label: string }[] = [
  { value: 'none', label: 'No primer' },
  { value: 'working', label: 'At the load' },
  { value: 'over', label: '105–110 %' },
];

function implementName(implement: Implement, room: Room): string {
  switch (implement.kind) {
    case 'barbell': {
      const bar = room.bars.find((each) => each.id === implement.barId);
      return bar ? `${bar.name} ${massText(bar.massG, bar.unit)}` : 'Bar';
    }
    case 'machine':
      return room.machines.find((each) => each.id === implement.machineId)?.name ?? 'Machine';
    case 'stack':
    case 'assisted':
      return room.stacks.find((each) => each.id === implement.stackId)?.name ?? 'Stack';
    case 'dumbbell':
      return 'Dumbbells';
    case 'kettlebell':
      return 'Kettlebells';
    case 'body':
      return 'Own body';
  }
}

function problemText({ kind, above, below }: LoadProblem, what: string, unit: Unit): string {
  switch (kind) {
    case 'nothing here':
      return 'This room has nothing to load the lift with';
    case 'lighter than empty':
      return `${what} is ${massText(above!.loadG, unit)} at the least`;
    case 'heavier than all':
      return `All that fits is on at ${massText(below!.loadG, unit)}`;
    case 'not exact':
      return 'This load cannot be built here; these come nearest';
  }
}

/** Warm-ups without a client: every ramp for a lift, load and reps side by side, with its time and plate handling. */
export default function BenchScreen({ unit, liftId }: { unit: Unit; liftId: string | null }) {
  const wide = useWide();
  const { width } = useWindowDimensions();
  const { data: rooms } = useRooms();
  const room = useRoomChoice(rooms);
  const chooseRoom = useRoomUi((state) => state.choose);
  const known = lifts.some((each) => each.id === liftId);
  const [lift, setLift] = useState(() => liftById(known ? liftId! : 'back-squat'));
  const [barAt, setBarAt] = useState(0);
  const [typed, setTyped] = useState(String(fromGrams(toGrams(START_G / 1000, 'kg'), unit)));
  const [reps, setReps] = useState(8);
  const [months, setMonths] = useState(18);
  const [primer, setPrimer] = useState<Primer>('working');
  const [picking, setPicking] = useState(false);

  const options = useMemo(() => (room ? implementsFor(lift, room, SOMEBODY_G) : []), [room, lift]);
  const implement = options[barAt] ?? options[0];
  const loads = useMemo(
    () => (room && implement ? loadables(room, implement) : []),
    [room, implement],
  );
  const value = Number(typed.trim().replace(',', '.'));
  const wrong = typed.trim() === '' || !Number.isFinite(value) || value <= 0 || value > 2000;
  const askedG = wrong ? 0 : toGrams(value, unit);
  // What is shown is rounded; a load as it is shown means that load.
  const shown = loads.find((load) => massNumber(load.loadG, unit) === massNumber(askedG, unit));
  const workingG = shown?.loadG ?? askedG;
  const problem = room && !wrong ? loadProblem(loads, workingG) : null;
  const canPlan = !wrong && problem === null;
  if (!rooms) return <LoadingState what="the rooms" />;
  if (!room) return <Banner kind="wait" title="No room yet: write down a room’s equipment first" />;

  const byRule = chooseRamp({ trainingMonths: months, workingReps: reps, warm: false });
  const take = (grams: number) => setTyped(massNumber(grams, unit));
  const down = stepDown(loads, workingG);
  const up = stepUp(loads, workingG);
  const name = implement ? implementName(implement, room) : lift.name;
  const columns = width >= 1200 ? 3 : wide ? 2 : 1;
  const onlyEmpty = loads.length === 1 && implement?.kind === 'barbell';

  const controls = (
    <View className="gap-4">
      <Button
        label={lift.name}
        says={`Lift: ${lift.name}. Choose another`}
        icon="lifts"
        onPress={() => setPicking(true)}
      />
      {rooms.length > 1 && (
        <Choice
          label="Room"
          options={rooms.map((each) => ({ value: each.id, label: each.name }))}
          value={room.id}
          onChange={chooseRoom}
          wrap
        />
      )}
      {options.length > 1 && (
        <Choice
          label="Implement"
          options={options.map((each, at) => ({ value: at, label: implementName(each, room) }))}
          value={Math.min(barAt, options.length - 1)}
          onChange={setBarAt}
          wrap
        />
      )}
      <View className="flex-row items-end gap-2">
        <IconButton icon="minus" label="Next load down" onPress={() => down && take(down.loadG)} />
        <View className="min-w-0 flex-1">
          <TextField
            label={`Working load, ${loadUnit(lift, unit)}`}
            value={typed}
            onChange={setTyped}
            max={8}
            inputMode="decimal"
            problem={wrong ? `A number in ${unit}, up to 2,000` : null}
          />
        </View>
        <IconButton icon="plus" label="Next load up" onPress={() => up && take(up.loadG)} />
      </View>
      {onlyEmpty && <Banner kind="wait" title={`No plates here fit: ${name} is all there is`} />}
      {problem && (
        <Banner kind="wait" title={problemText(problem, name, unit)}>
          <View className="flex-row flex-wrap gap-2 pt-1">
            {[problem.below, problem.above].map(
              (near) =>
                near && (
                  <Button
                    key={near.loadG}
                    label={`Take ${massText(near.loadG, unit)}`}
                    onPress={() => take(near.loadG)}
                  />
                ),
            )}
          </View>
        </Banner>
      )}
      <Stepper
        label="Working reps"
        value={String(reps)}
        less={reps > 1 ? () => setReps(reps - 1) : null}
        more={reps < 30 ? () => setReps(reps + 1) : null}
      />
      <View className="gap-1">
        <Strong>Training age</Strong>
        <Choice label="Training age" options={ages} value={months} onChange={setMonths} wrap />
      </View>
      <View className="gap-1">
        <Strong>Last warm-up set</Strong>
        <Choice
          label="Primer"
          options={months < 12 ? primers.slice(0, 2) : primers}
          value={primer === 'over' && months < 12 ? 'working' : primer}
          onChange={setPrimer}
          wrap
        />
      </View>
    </View>
  );
  const usable: Primer = primer === 'over' && months < 12 ? 'working' : primer;
  const cards = canPlan && implement && (
    <BenchRamps
      lift={lift}
      room={room}
      implement={implement}
      workingG={workingG}
      reps={reps}
      unit={unit}
      primer={usable}
      byRule={byRule.kind}
      columns={columns}
    />
  );
  return (
    <View className={wide ? 'min-h-0 flex-1 flex-row' : 'min-h-0 flex-1'}>
      <ScrollView
        className={wide ? 'max-w-[22rem] flex-1 border-r-2 border-line' : 'flex-1'}
        contentContainerClassName="gap-4 p-4"
      >
        <View>
          <Title>Warm-up bench</Title>
          <Quiet>Every ramp for a load, without a client.</Quiet>
        </View>
        {controls}
        {!wide && <Strong>{`By rule ${rampWords[byRule.kind].name}. ${byRule.rule}.`}</Strong>}
        {!wide && cards}
      </ScrollView>
      {wide && (
        <ScrollView className="flex-1" contentContainerClassName="gap-3 p-4">
          <Strong>{`By rule ${rampWords[byRule.kind].name}. ${byRule.rule}.`}</Strong>
          {cards}
        </ScrollView>
      )}
      {picking && (
        <LiftPicker
          title="Choose a lift"
          taken={[lift.id]}
          onPick={(picked) => {
            setLift(picked);
            setBarAt(0);
            setPicking(false);
          }}
          onClose={() => setPicking(false)}
        />
      )}
    </View>
  );
}

/** The six ramps as the worker plans them; one opens set by set. */
function BenchRamps({
  lift,
  room,
  implement,
  workingG,
  reps,
  unit,
  primer,
  byRule,
  columns,
}: {
  lift: CatalogueLift;
  room: Room;
  implement: Implement;
  workingG: number;
  reps: number;
  unit: Unit;
  primer: Primer;
  byRule: RampKind;
  columns: number;
}) {
  const [opened, setOpened] = useState<RampKind | null>(null);
  const request = useMemo(
    () => ({ workingG, workingReps: reps, lift, room, implement, unit, primer }),
    [workingG, reps, lift, room, implement, unit, primer],
  );
  const ramps = useHeavy('bench', request);
  const shown = ramps?.find((each) => each.kind === opened);
  if (!ramps) return <LoadingState what="the ramps" />;
  // In one column the ramp by rule comes first; side by side each keeps its place.
  const rank = (each: BenchRamp) => (columns === 1 && each.kind === byRule ? 0 : 1);
  const ordered = ramps.toSorted((a, b) => rank(a) - rank(b));
  return (
    <View role="list" aria-label="Ramps" className="flex-row flex-wrap gap-3">
      {ordered.map((each) => (
        <View
          role="listitem"
          key={each.kind}
          style={{ width: columns === 1 ? '100%' : `${100 / columns - 1.2}%` }}
        >
          <BenchCard
            bench={each}
            working={{ loadG: workingG, reps }}
            unit={unit}
            unitText={loadUnit(lift, unit)}
            byRule={each.kind === byRule}
            onOpen={() => setOpened(each.kind)}
          />
        </View>
      ))}
      {shown && <BenchSheet bench={shown} request={request} onClose={() => setOpened(null)} />}
    </View>
  );
}

const handlingText = ({ ramp }: BenchRamp) => {
  const { working, moves } = ramp;
  const plated =
    working.kind === 'barbell' || working.kind === 'machine' || working.kind === 'body';
  const what = plated ? 'pair' : working.kind === 'stack' ? 'pin move' : 'bell';
  return `${moves} ${what}${moves === 1 ? '' : 's'} handled`;
};

function BenchCard({
  bench,
  working,
  unit,
  unitText,
  byRule,
  onOpen,
}: {
  bench: BenchRamp;
  working: { loadG: number; reps: number };
  unit: Unit;
  unitText: string;
  byRule: boolean;
  onOpen: () => void;
}) {
  const { name, what } = rampWords[bench.kind];
  const steps: RampStepItem[] = [
    ...bench.ramp.steps.map(({ loadG, reps }): RampStepItem => ({
      kind: 'warm-up',
      load: loadG,
      reps,
      state: 'coming',
    })),
    { kind: 'working', load: working.loadG, reps: working.reps, state: 'coming' },
  ];
  return (
    <Card chosen={byRule} className="gap-2 overflow-hidden">
      <View className="flex-row items-baseline justify-between gap-2">
        <Title level={2} className="text-figure">
          {name}
        </Title>
        {byRule && <Strong className="text-small text-moss">by rule</Strong>}
      </View>
      <Quiet numberOfLines={2} className="min-h-[2.75rem]">
        {what}
      </Quiet>
      <Ramp
        steps={steps}
        lastTime={[]}
        loadText={(load) => massNumber(load, unit)}
        unit={unitText}
        label={`${name} ramp`}
        height={84}
      />
      <Quiet>
        {bench.ramp.steps.length === 0
          ? 'Straight to the working set'
          : `${minutesText(bench.seconds)} · ${handlingText(bench)}`}
      </Quiet>
      <Button label="Set by set" says={`${name} set by set`} onPress={onOpen} />
    </Card>
  );
}

/** A ramp set by set, with what to change and the rest; and what is left of it in fewer minutes. */
function BenchSheet({
  bench,
  request,
  onClose,
}: {
  bench: BenchRamp;
  request: Omit<RampRequest, 'kind'>;
  onClose: () => void;
}) {
  const { unit } = request;
  const [minutes, setMinutes] = useState(Math.max(1, Math.round(bench.seconds / 60)));
  const [fitted, setFitted] = useState<{ fits: boolean; text: string; nearest: number } | null>(
    null,
  );
  const fit = (wanted: number) =>
    attempt(async () => {
      setMinutes(wanted);
      const answer = await inWorker('fit', {
        request: { ...request, kind: bench.kind },
        seconds: wanted * 60,
        working: [],
      });
      const left = answer.steps.map((step) => loadReps(step.loadG, step.reps, unit)).join(', ');
      const nearest = Math.ceil(answer.seconds / 60);
      const rest = `Left: ${left || 'the working set alone'}.`;
      const gone =
        answer.dropped.length > 0
          ? ` Left out: ${answer.dropped.join(', ')}.`
          : ' Nothing left out.';
      setFitted({
        fits: answer.fits,
        nearest,
        text: answer.fits
          ? `${rest}${gone}`
          : `No shorter than ${nearest} min: the first light set of this lift stays.${gone}`,
      });
    });
  const builds = [...bench.ramp.steps.map((step) => step.build), bench.ramp.working];
  return (
    <Sheet title={`${rampWords[bench.kind].name}, set by set`} open onClose={onClose}>
      <View role="list" className="gap-2">
        {bench.ramp.steps.map((step, index) => {
          const change = changeText(step.build, builds[index - 1] ?? null);
          const plates = 'perSide' in step.build ? platesText(step.build.perSide) : '';
          return (
            <View role="listitem" key={step.loadG} className="gap-0.5 border-b-2 border-line pb-2">
              <View className="flex-row items-baseline justify-between gap-3">
                <Figure>{loadReps(step.loadG, step.reps, unit)}</Figure>
                <Quiet>{`then ${clock(step.restS)}`}</Quiet>
              </View>
              <Quiet>
                {[step.purpose, plates && `${plates} a side`].filter(Boolean).join(' · ')}
              </Quiet>
              {change ? <Strong className="text-small">{change}</Strong> : null}
            </View>
          );
        })}
        <View role="listitem" className="gap-0.5">
          <Figure>{`${loadReps(request.workingG, request.workingReps, unit)}, work`}</Figure>
          <Strong className="text-small">
            {changeText(bench.ramp.working, builds.at(-2) ?? null)}
          </Strong>
        </View>
      </View>
      <Stepper
        label="Fit it into"
        value={String(minutes)}
        unit="min"
        less={minutes > 1 ? () => fit(minutes - 1) : null}
        more={minutes < 40 ? () => fit(minutes + 1) : null}
      />
      {fitted && (
        <Banner kind={fitted.fits ? 'note' : 'wait'} title={fitted.text}>
          {!fitted.fits && (
            <Button label={`Take ${fitted.nearest} min`} onPress={() => fit(fitted.nearest)} />
          )}
        </Banner>
      )}
      <Body>{`${rampWords[bench.kind].what.charAt(0).toUpperCase()}${rampWords[bench.kind].what.slice(1)}.`}</Body>
    </Sheet>
  );
}
