import { nowMs, countText } from '@spalo/core/unit';
import { builds } from './examples';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { Banner } from '../../design/Banner';
import { BeliefBand } from '../../design/BeliefBand';
import { BeliefShift } from '../../design/BeliefShift';
import { Button, IconButton } from '../../design/Button';
import { Card } from '../../design/Card';
import { Chip } from '../../design/Chip';
import { Choice } from '../../design/Choice';
import { DecisionRow } from '../../design/DecisionRow';
import { LaneStrip } from '../../design/LaneStrip';
import { LoadPicture } from '../../design/LoadPicture';
import { Ramp, type RampStepItem } from '../../design/Ramp';
import { RampLine } from '../../design/RampLine';
import { RepRail } from '../../design/RepRail';
import { FindBar } from '../../design/FindBar';
import { Row } from '../../design/Row';
import { Sheet } from '../../design/Sheet';
import { EmptyState, ErrorState, LoadingState } from '../../design/States';
import { Stepper } from '../../design/Stepper';
import { Tabs } from '../../design/Tabs';
import { TextField } from '../../design/TextField';
import { Trend } from '../../design/Trend';
import { Body, Figure, Quiet, Strong, Title } from '../../design/Words';

const nothing = () => undefined;
const long = 'Bartholomew Ingleby-Castellanos of the upper slipway, second boat from the left';
const kilos = (load: number) => String(load / 1000);

const parts = [
  { value: 'next', label: 'Next' },
  { value: 'progress', label: 'Progress' },
  { value: 'technique', label: 'Technique' },
  { value: 'about', label: 'About' },
] as const;

function Parts() {
  const [value, setValue] = useState<(typeof parts)[number]['value']>('next');
  return <Tabs label="Parts" options={parts} value={value} onChange={setValue} />;
}

function Finding() {
  const [value, setValue] = useState('');
  return (
    <FindBar
      label="Find"
      hint="Find by name"
      value={value}
      onChange={setValue}
      button="Filter · 1"
      says="Filter"
    >
      <Body>What is narrowed</Body>
    </FindBar>
  );
}

/** A ramp of `count` steps with `done` of them behind. */
function rampOf(count: number, done: number): RampStepItem[] {
  const warm = Math.floor(count / 2);
  return Array.from({ length: count }, (_, index) => ({
    kind: index < warm ? 'warm-up' : 'working',
    load: index < warm ? 20_000 + (index * 80_000) / Math.max(warm, 1) : 100_000,
    reps: index < warm ? Math.max(2, 10 - index * 2) : 8,
    state: index < done ? 'done' : index === done ? 'now' : 'coming',
  }));
}

function Stepping() {
  const [reps, setReps] = useState(8);
  return (
    <Stepper
      label="Reps"
      value={String(reps)}
      less={reps > 0 ? () => setReps(reps - 1) : null}
      more={reps < 20 ? () => setReps(reps + 1) : null}
    />
  );
}

function Choosing() {
  const [value, setValue] = useState(2);
  const options = [0, 1, 2, 3].map((each) => ({ value: each, label: String(each) }));
  return (
    <Choice label="Clean reps left" options={options} value={value} onChange={setValue} figures />
  );
}

function Rail({ reps, large = false }: { reps: number; large?: boolean }) {
  const [marks, setMarks] = useState([3]);
  const toggle = (rep: number) =>
    setMarks(marks.includes(rep) ? marks.filter((mark) => mark !== rep) : [...marks, rep]);
  return (
    <RepRail
      reps={reps}
      large={large}
      marks={[
        ...marks.map((rep) => ({ rep, glyph: 'in' as const, name: 'knees in' })),
        { rep: 5, glyph: null, name: 'Unknown fault' },
      ]}
      onToggle={toggle}
    />
  );
}

function Opening() {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button label="Open a sheet" onPress={() => setOpen(true)} />
      <Sheet title={long} open={open} onClose={() => setOpen(false)}>
        <Body>{`${long}. `.repeat(8)}</Body>
      </Sheet>
    </>
  );
}

const lanes = [
  { id: 'a', name: 'Runa', doing: 'set 2 · squat', ready: true, rest: null },
  {
    id: 'b',
    name: 'Bartholomew',
    doing: 'rest',
    ready: false,
    rest: { endsMs: nowMs() + 72_000, seconds: 120 },
  },
  { id: 'c', name: 'Oluchi', doing: 'row', ready: true, rest: null, watch: true },
];

const card = {
  lift: 'Back squat',
  unit: 'kg',
  happened: '60 kg × 8, 8, 8',
  focus: 'Push the floor apart',
  advice: null,
};

/** Every piece of the design system in every state, by name. */
export const pieces: [name: string, states: ReactNode][] = [
  [
    'Words',
    <View key="words" className="gap-1">
      <Title>Title</Title>
      <Figure>Figure 0123456789</Figure>
      <Strong>Strong</Strong>
      <Body>{`Body. ${long}.`}</Body>
      <Quiet>Quiet</Quiet>
    </View>,
  ],
  [
    'Button',
    <View key="button" className="gap-2">
      <Button kind="main" big label="Log 60 × 8" onPress={nothing} />
      <Button kind="now" label="On the floor" onPress={nothing} />
      <Button kind="stop" label="Remove this set" onPress={nothing} />
      <Button label="Plain" icon="plus" onPress={nothing} />
      <Button kind="quiet" label="Quiet" onPress={nothing} />
      <Button label="Not now" disabled onPress={nothing} />
      <Button kind="main" label={long} onPress={nothing} />
      <IconButton
        icon="pain"
        label="Pain"
        color="oxide"
        caption
        onPress={nothing}
        className="self-start"
      />
    </View>,
  ],
  [
    'Chip',
    <View key="chip" className="flex-row flex-wrap gap-2">
      <Chip label="plain" />
      <Chip label="pressed" look="taken" pressed onPress={nothing} />
      <Chip label="to press" pressed={false} onPress={nothing} />
      <Chip label="both wrists" look="flag" icon="alert" />
      <Chip label="done" look="done" icon="check" />
    </View>,
  ],
  ['Stepper', <Stepping key="stepper" />],
  ['Choice', <Choosing key="choice" />],
  ['Tabs', <Parts key="tabs" />],
  [
    'Row',
    <View key="row">
      <Row name="Runa Hallvard-Iyer" end="Fri 27 Nov" onPress={nothing}>
        left shoulder
      </Row>
      <Row name={long} end="no session yet" onPress={nothing} chosen />
      <Row name="Nothing to open">as it is</Row>
    </View>,
  ],
  ['FindBar', <Finding key="find" />],
  [
    'Card',
    <View key="card" className="gap-2">
      <Card>
        <Body>{long}</Body>
      </Card>
      <Card now>
        <Body>Now</Body>
      </Card>
      <Card chosen onPress={nothing} label="A card to press">
        <Body>Chosen</Body>
      </Card>
    </View>,
  ],
  ['Sheet', <Opening key="sheet" />],
  [
    'Banner',
    <View key="banner" className="gap-2">
      <Banner title="Worth knowing">{long}</Banner>
      <Banner kind="stop" title="Stop this lift" />
      <Banner kind="wait" title="3 to send" action={<Button label="Send" onPress={nothing} />} />
    </View>,
  ],
  [
    'States',
    <View key="states">
      <EmptyState icon="floor" title="Nobody on the floor">
        Start a client from the day.
      </EmptyState>
      <ErrorState what="The day could not be fetched" onRetry={nothing} />
      <LoadingState what="the day" />
    </View>,
  ],
  ...[1, 2, 4, 7, 10, 14].map((count): [string, ReactNode] => [
    `Ramp, ${countText(count, 'step')}`,
    <Ramp
      key={count}
      steps={rampOf(count, Math.floor(count / 2))}
      lastTime={rampOf(Math.max(1, count - 1), 0)}
      loadText={kilos}
      unit="kg"
      onOpen={nothing}
    />,
  ]),
  [
    'Bar and dumbbells',
    <View key="bar" className="gap-2">
      {builds.map(({ build, previous }, index) => (
        <LoadPicture key={index} build={build} previous={previous} />
      ))}
    </View>,
  ],
  [
    'Rep rail',
    <View key="rail" className="gap-2">
      <Rail reps={5} />
      <Rail reps={12} />
      <Rail reps={20} />
      <Rail reps={9} large />
    </View>,
  ],
  [
    'Ramp as a line',
    <View key="line" className="gap-4">
      {[3, 8, 14].map((count) => (
        <RampLine
          key={count}
          label={`Sets, ${count}`}
          steps={rampOf(count, Math.floor(count / 2))}
          loadText={kilos}
          unit="kg"
          onOpen={nothing}
        />
      ))}
    </View>,
  ],
  ['Lane strip', <LaneStrip key="strip" lanes={lanes} chosen="a" onChoose={nothing} />],
  [
    'Belief band',
    <View key="band" className="gap-4">
      {[
        { mean: 26_000, low: 18_000, high: 34_000 },
        { mean: 20_000, low: 19_500, high: 20_500 },
        { mean: 30_000, low: 29_500, high: 30_500 },
      ].map((belief) => (
        <BeliefBand
          key={belief.mean}
          belief={belief}
          load={20_000}
          text={(grams) => `${kilos(grams)} kg`}
        />
      ))}
    </View>,
  ],
  [
    'Belief, before and now',
    <View key="shift" className="gap-4">
      {[
        { mu: Math.log(62_000), sd: 0.04 },
        { mu: Math.log(90_000), sd: 0.25 },
      ].map((now) => (
        <BeliefShift
          key={now.mu}
          before={{ mu: Math.log(60_000), sd: 0.3 }}
          now={now}
          text={(grams) => kilos(Math.round(grams / 500) * 500)}
          says="Before any set 60 kg; now moved"
        />
      ))}
    </View>,
  ],
  [
    'Trend',
    <View key="trend" className="gap-4">
      {[1, 2, 12].map((count) => (
        <Trend
          key={count}
          points={Array.from({ length: count }, (_, index) => ({
            at: index,
            mean: 60 + index * 1.5,
            low: 60 + index * 1.5 - 12 / (index + 1),
            high: 60 + index * 1.5 + 12 / (index + 1),
          }))}
          says={`${count} sessions`}
        />
      ))}
    </View>,
  ],
  [
    'Text field',
    <View key="text" className="gap-4">
      <TextField label="Since" value="" onChange={nothing} max={10} hint="2026-11-24, or empty" />
      <TextField
        label="Body mass, kg"
        value="7o"
        onChange={nothing}
        max={6}
        problem="A number in kg"
      />
      <TextField label={long} value={long} onChange={nothing} max={200} multiline />
    </View>,
  ],
  [
    'Decision card',
    <View key="decision" className="gap-2">
      <DecisionRow
        {...card}
        tone="up"
        next="62.5 × 8"
        why="Up a step: all sets reached the top clean."
      />
      <DecisionRow {...card} tone="same" next="60 × 9" why="Same load, one more rep." />
      <DecisionRow {...card} tone="down" next="55 × 8" why="Two sets fell under 8 reps." />
      <DecisionRow
        {...card}
        tone="stop"
        next="45 × 8"
        why="Pain 5 of 10 in the right knee."
        advice="A flag is opened."
      />
    </View>,
  ],
];
