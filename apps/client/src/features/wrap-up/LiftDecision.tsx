import { cueTo, type Learner } from '@spalo/coaching';
import type { LiftPlan } from '@spalo/core/session';
import { nowIso, type Unit } from '@spalo/core/unit';
import { whyText } from '@spalo/core/words';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { Chip } from '../../design/Chip';
import { DecisionRow } from '../../design/DecisionRow';
import { Quiet, Strong } from '../../design/Words';
import { chanceText } from '../../parts/words/chance-words';
import { loadReps, loadUnit } from '../../parts/words/load-words';
import { OwnPlan } from './OwnPlan';
import { whatChanges } from './what-changes';
import { direction, type WrapUpCard } from './wrap-up-cards';

const planText = (plan: LiftPlan, unit: Unit) =>
  plan.closed ? 'closed' : loadReps(plan.loadG, plan.reps, unit, plan.counted);

/** How likely the next time goes as planned, and what besides load and reps is another then. */
function WhatElse({ card, taken, client }: { card: WrapUpCard; client: Learner; taken: LiftPlan }) {
  const chance = card.chanceOf(taken);
  return (
    <>
      {chance !== null && (
        <Quiet className="text-ink">{`${chanceText(chance)} likely to go as planned.`}</Quiet>
      )}
      {whatChanges(card, taken, client).map((line) => (
        <Quiet key={line} className="text-ink">
          {line}
        </Quiet>
      ))}
    </>
  );
}

interface Choosing {
  card: WrapUpCard;
  client: Learner;
  unit: Unit;
  taken: LiftPlan;
  onTake: (plan: LiftPlan) => void;
  /** How the lift goes on, and a rule for it. */
  ruling: ReactNode;
}

/** The other ways to go on: how likely the one taken is, heavier, lighter, own numbers, another scheme. */
function Ways({ card, client, unit, taken, onTake, ruling }: Choosing) {
  const { view, decision } = card;
  const [typing, setTyping] = useState(false);
  const options = [{ label: 'As proposed', plan: decision.proposed }, ...decision.alternatives];
  const isOwn = !options.some((option) => option.plan === taken);
  return (
    <>
      <WhatElse card={card} client={client} taken={taken} />
      <View
        role="group"
        aria-label={`Next time for ${view.lift.name}`}
        className="flex-row flex-wrap gap-2"
      >
        {options.map((option) => (
          <Chip
            key={option.label}
            label={option.label}
            look={option.plan === taken ? 'taken' : 'plain'}
            pressed={option.plan === taken}
            onPress={() => onTake(option.plan)}
          />
        ))}
        {!decision.proposed.closed && (
          <Chip
            label="Own numbers"
            look={isOwn ? 'taken' : 'plain'}
            pressed={isOwn}
            onPress={() => setTyping(true)}
          />
        )}
      </View>
      {ruling}
      {typing && (
        <OwnPlan
          view={view}
          plan={taken}
          unit={unit}
          onTake={(plan) => {
            onTake(plan);
            setTyping(false);
          }}
          onClose={() => setTyping(false)}
        />
      )}
    </>
  );
}

/** What is proposed for a lift, and the other ways to go on. */
export function LiftDecision({
  finished,
  ...choosing
}: Choosing & {
  /** Nothing can be chosen any more. */
  finished: boolean;
}) {
  const { card, client, unit, taken } = choosing;
  const { view, decision } = card;
  const { lift, state } = view;
  const cue = cueTo(client, taken, nowIso());
  return (
    <DecisionRow
      lift={lift.name}
      happened={decision.happened}
      next={planText(taken, unit)}
      unit={taken.loadG > 0 ? loadUnit(lift, unit) : null}
      focus={cue?.text ?? null}
      why={
        taken === decision.proposed
          ? `${whyText(decision.why, unit)}.`
          : 'Your choice; Spalo’s proposal is kept beside it.'
      }
      advice={decision.advice}
      tone={direction(card)}
      notes={
        <>
          {state.notes.map((note) => (
            <Quiet key={note.id}>{note.text}</Quiet>
          ))}
          {finished && state.answer && (
            <Strong>{`Kept: ${planText(state.answer.chosen, unit)}`}</Strong>
          )}
        </>
      }
    >
      {finished ? undefined : <Ways {...choosing} />}
    </DecisionRow>
  );
}
