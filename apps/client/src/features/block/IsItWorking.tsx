import { percentText } from '@spalo/core/unit';
import { findLift } from '@spalo/catalog';
import type { BlockBefore, LiftWorking, Working } from '@spalo/coaching/blocks';
import { keennesses, type BlockState } from '@spalo/core/block';
import { View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Choice } from '../../design/Choice';
import { capital } from '../../design/sentence';
import { Section } from '../../design/Section';
import { Slope } from '../../design/Slope';
import { Quiet, Strong } from '../../design/Words';
import { attempt } from '../../state/problems';
import type { ChangeBlock } from './change-block';
import { changeTitle, evidenceText, slopeText, verdictTone, verdictWords } from './verdict-words';

const keenness = keennesses.map((value) => ({ value, label: capital(value) }));

function LiftVerdict({ working }: { working: LiftWorking }) {
  const { liftId, response } = working;
  const { verdict, slope } = response;
  return (
    <View className="gap-1 border-b border-line pb-2">
      <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
        <Strong className="shrink">{findLift(liftId)?.name ?? liftId}</Strong>
        <Strong className={verdictTone[verdict]}>{verdictWords[verdict]}</Strong>
      </View>
      {response.sessions > 2 && (
        <Slope slope={slope} worth={response.worth} says={slopeText(slope)} />
      )}
      <Quiet>
        {response.sessions > 2
          ? `${slopeText(slope)}. ${capital(evidenceText(working))}.`
          : `${capital(evidenceText(working))}.`}
      </Quiet>
    </View>
  );
}

const BeforeRow = ({ before: { block, slope, worth, adherence } }: { before: BlockBefore }) => (
  <View className="gap-1 border-b border-line pb-2">
    <Strong>{block.name}</Strong>
    {block.follows && <Quiet>{block.follows.changed}</Quiet>}
    {slope && <Slope slope={slope} worth={worth} says={slopeText(slope)} />}
    <Quiet>
      {`${slope ? slopeText(slope) : 'Too little was done to say'}. ${percentText(adherence)} of its sessions done.`}
    </Quiet>
  </View>
);

/** Whether a block works: a verdict a lift with what says so, how it is taken, what worked before, and what to do. */
export function IsItWorking({
  working,
  block,
  change,
}: {
  working: Working;
  block: BlockState;
  /** Left out where nothing can be changed any more. */
  change?: ChangeBlock;
}) {
  const { lifts, adherence, rough, before, advice } = working;
  return (
    <Section title="Is it working">
      <Banner title={advice.change === 'nothing' ? 'Keep it as it is' : changeTitle[advice.change]}>
        {`${advice.why}.`}
      </Banner>
      {lifts.map((lift) => (
        <LiftVerdict key={lift.liftId} working={lift} />
      ))}
      <Quiet className="text-ink">
        {`${percentText(adherence)} of the sessions due were done${rough === null ? '' : `; came rough to ${percentText(rough)} of them`}.`}
      </Quiet>
      {change && (
        <View className="gap-1">
          <Strong>How do they like it?</Strong>
          <Choice
            label="How do they like it"
            options={keenness}
            value={block.keenness ?? null}
            onChange={(said) =>
              attempt(() => change('block.keenness-told', { keenness: said }, `They are ${said}`))
            }
          />
        </View>
      )}
      {before.length > 0 && (
        <Strong role="heading" aria-level={3}>
          What worked before
        </Strong>
      )}
      {before.map((each) => (
        <BeforeRow key={each.block.id} before={each} />
      ))}
    </Section>
  );
}
