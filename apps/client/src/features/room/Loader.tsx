import {
  fromGrams,
  loadBar,
  loadTwoBars,
  massNumber,
  massText,
  platesOf,
  toGrams,
  type Barbell,
  type BarAnswer,
  type Loadable,
  type LoadObstacle,
  type Room,
  type Unit,
} from '@spalo/core';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button, IconButton } from '../../design/Button';
import { Card } from '../../design/Card';
import { Choice } from '../../design/Choice';
import { changeText, dropText, platesText } from '../../design/load-text';
import { LoadPicture } from '../../design/LoadPicture';
import { Section } from '../../design/Section';
import { TextField } from '../../design/TextField';
import { Figure, Quiet, Strong } from '../../design/Words';
import { capital } from '../../design/sentence';
import { useRoomUi } from './use-room';

const START_G = 40_000;
const units = [
  { value: 'kg', label: 'kg' },
  { value: 'lb', label: 'lb' },
] as const;

function obstacleText(obstacle: LoadObstacle, bar: Barbell, unit: Unit): string {
  switch (obstacle.kind) {
    case 'below the bar':
      return `${bar.name} alone weighs ${massText(bar.massG, bar.unit)}`;
    case 'sleeve too short':
      return `The sleeve ends at ${bar.sleeveMm} mm: ${massText(obstacle.mostG, unit)} is the most`;
    case 'plates run out':
      return `All plates that fit are on at ${massText(obstacle.mostG, unit)}`;
    case 'plate without its pair':
      return `With a second ${massText(obstacle.plate.massG, obstacle.plate.unit)} plate it would be exact`;
  }
}

/** One load that can be built: figure, picture, plates, and what to change from what is on now. */
function Answer({
  title,
  load,
  onBar,
  unit,
  onLoad,
}: {
  title: string;
  load: Loadable;
  onBar: Loadable | null;
  unit: Unit;
  onLoad: () => void;
}) {
  const change = changeText(load.build, onBar?.build ?? null);
  const plates = platesOf(load.build);
  const isOn = onBar?.loadG === load.loadG;
  return (
    <Card now={isOn} className="gap-2">
      <View className="flex-row flex-wrap items-end justify-between gap-x-3">
        <Quiet className="shrink">{title}</Quiet>
        <View className="flex-row items-baseline gap-1">
          <Figure className="text-[2.5rem] leading-[2.75rem]">
            {massNumber(load.loadG, unit)}
          </Figure>
          <Quiet>{unit}</Quiet>
        </View>
      </View>
      <LoadPicture build={load.build} previous={onBar?.build ?? null} />
      <Quiet>{plates.length > 0 ? `${platesText(plates)} a side` : 'Nothing on it'}</Quiet>
      {isOn ? (
        <Strong>On the bar now</Strong>
      ) : (
        <>
          {change !== '' && <Strong className="text-marigold-text">{capital(change)}</Strong>}
          <Button label="Load it" says={`Load ${massText(load.loadG, unit)}`} onPress={onLoad} />
        </>
      )}
    </Card>
  );
}

/** A bar and a target, typed or dialled by the loads that exist. */
function Target({
  label,
  bars,
  bar,
  onBar,
  text,
  problem,
  unit,
  onText,
  step,
}: {
  label: string;
  bars: readonly Barbell[];
  bar: Barbell;
  onBar: (id: string) => void;
  text: string;
  problem: string | null;
  unit: Unit;
  onText: (text: string) => void;
  step: (by: 1 | -1) => void;
}) {
  return (
    <View className="gap-3">
      <Choice
        label={`${label}: bar`}
        options={bars.map((each) => ({
          value: each.id,
          label: `${each.name} ${massText(each.massG, each.unit)}`,
        }))}
        value={bar.id}
        onChange={onBar}
        wrap
      />
      <View className="flex-row items-end gap-2">
        <IconButton icon="minus" label={`${label}: next load down`} onPress={() => step(-1)} />
        <View className="min-w-0 flex-1">
          <TextField
            label={`${label}, ${unit}`}
            value={text}
            onChange={onText}
            max={8}
            inputMode="decimal"
            problem={problem}
          />
        </View>
        <IconButton icon="plus" label={`${label}: next load up`} onPress={() => step(1)} />
      </View>
    </View>
  );
}

interface Aim {
  barId: string;
  text: string;
}

const decimal = (grams: number, unit: Unit) => String(Number(fromGrams(grams, unit).toFixed(2)));

/** Any target on any bar: the loads round it, their plates, and what stands in the way. Two bars at once on request. */
export function Loader({ room, unit: studioUnit }: { room: Room; unit: Unit }) {
  const bars = useMemo(() => room.bars.filter((bar) => bar.kind !== 'handle'), [room.bars]);
  const [unit, setUnit] = useState<Unit>(studioUnit);
  const [two, setTwo] = useState(false);
  const [aims, setAims] = useState<[Aim, Aim]>(() => [
    { barId: bars[0]!.id, text: decimal(START_G, studioUnit) },
    { barId: (bars[1] ?? bars[0])!.id, text: decimal(START_G, studioUnit) },
  ]);
  const { onBar, load } = useRoomUi();

  const parse = ({ text }: Aim) => {
    const value = Number(text.trim().replace(',', '.'));
    const wrong = text.trim() === '' || !Number.isFinite(value) || value < 0 || value > 2000;
    return wrong ? null : toGrams(value, unit);
  };
  const barOf = (aim: Aim) => bars.find((bar) => bar.id === aim.barId) ?? bars[0]!;
  const change = (index: 0 | 1, part: Partial<Aim>) =>
    setAims(aims.map((aim, at) => (at === index ? { ...aim, ...part } : aim)) as [Aim, Aim]);
  const standing = (bar: Barbell): Loadable | null => {
    const grams = onBar[bar.id];
    return grams === undefined ? null : loadBar(bar, room.plates, grams).below;
  };
  const step = (index: 0 | 1, by: 1 | -1) => {
    const aim = aims[index];
    const bar = barOf(aim);
    const from = parse(aim) ?? START_G;
    const next = loadBar(bar, room.plates, from + by);
    const found = by > 0 ? next.above : next.below;
    if (found) change(index, { text: decimal(found.loadG, unit) });
  };
  const switchUnit = (to: Unit) => {
    setAims(
      aims.map((aim) => {
        const grams = parse(aim);
        return grams === null ? aim : { ...aim, text: decimal(grams, to) };
      }) as [Aim, Aim],
    );
    setUnit(to);
  };

  const targets = aims.map(parse) as [number | null, number | null];
  const problem = (index: 0 | 1) =>
    targets[index] === null ? `A number in ${unit}, up to 2,000` : null;
  const answer: BarAnswer | null =
    targets[0] === null ? null : loadBar(barOf(aims[0]), room.plates, targets[0]);
  const both =
    two && targets[0] !== null && targets[1] !== null && aims[0].barId !== aims[1].barId
      ? loadTwoBars(
          { bar: barOf(aims[0]), targetG: targets[0] },
          { bar: barOf(aims[1]), targetG: targets[1] },
          room.plates,
        )
      : null;
  const shown: { key: string; title: string; bar: Barbell; found: Loadable }[] = both
    ? [
        { key: 'first', title: barOf(aims[0]).name, bar: barOf(aims[0]), found: both.first },
        { key: 'second', title: barOf(aims[1]).name, bar: barOf(aims[1]), found: both.second },
      ]
    : answer && !two
      ? [
          ...(answer.below
            ? [
                {
                  key: 'below',
                  title: answer.exact ? 'Exactly this' : 'Nearest at or below',
                  bar: barOf(aims[0]),
                  found: answer.below,
                },
              ]
            : []),
          ...(answer.above && !answer.exact
            ? [{ key: 'above', title: 'Next above', bar: barOf(aims[0]), found: answer.above }]
            : []),
        ]
      : [];
  const drop = shown[0] ? dropText(shown[0].found.build) : null;

  return (
    <Section title="Loader">
      <View className="flex-row flex-wrap items-center justify-between gap-2">
        <View className="w-32">
          <Choice label="Unit" options={units} value={unit} onChange={switchUnit} />
        </View>
        {bars.length > 1 && (
          <Button label={two ? 'One bar' : 'Two bars at once'} onPress={() => setTwo(!two)} />
        )}
      </View>
      <Target
        label={two ? 'First target' : 'Target'}
        bars={bars}
        bar={barOf(aims[0])}
        onBar={(barId) => change(0, { barId })}
        text={aims[0].text}
        problem={problem(0)}
        unit={unit}
        onText={(text) => change(0, { text })}
        step={(by) => step(0, by)}
      />
      {two && (
        <Target
          label="Second target"
          bars={bars}
          bar={barOf(aims[1])}
          onBar={(barId) => change(1, { barId })}
          text={aims[1].text}
          problem={problem(1)}
          unit={unit}
          onText={(text) => change(1, { text })}
          step={(by) => step(1, by)}
        />
      )}
      {two && aims[0].barId === aims[1].barId && (
        <Banner kind="wait" title="Choose two different bars" />
      )}
      {shown.map(({ key, title, bar, found }) => (
        <Answer
          key={key}
          title={title}
          load={found}
          onBar={standing(bar)}
          unit={unit}
          onLoad={() => load(bar.id, found.loadG)}
        />
      ))}
      {!two &&
        answer?.obstacles.map((obstacle) => (
          <Banner
            key={obstacle.kind}
            kind="wait"
            title={obstacleText(obstacle, barOf(aims[0]), unit)}
          />
        ))}
      {both && (
        <Quiet>
          {both.first.loadG === targets[0] && both.second.loadG === targets[1]
            ? 'Both can stand loaded at the same time.'
            : 'From one stock, this is the nearest below for both together.'}
        </Quiet>
      )}
      {drop && <Banner title={drop} icon="alert" />}
    </Section>
  );
}
