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
import { evidenceText, slopeText, verdictWords } from './verdict-words';

const percent = (share: number) => `${Math.round(share * 100)} %`;
const keenness = keennesses.map((value) => ({ value, label: capital(value) }));

function LiftVerdict({ working }: { working: LiftWorking }) {
  const { liftId, response } = working;
  const { verdict, slope } = response;
  const off = verdict === 'fading' || verdict === 'going back';
  return (
    <View className="gap-1 border-b border-line pb-2">
      <View className="flex-row flex-wrap items-baseline justify-between gap-x-3">
        <Strong className="shrink">{findLift(liftId)?.name ?? liftId}</Strong>
        <Strong
          className={off ? 'text-oxide' : verdict === 'responding' ? 'text-moss' : 'text-slate'}
        >
          {verdictWords[verdict]}
        </Strong>
      </View>
      {response.sessions > 2 && <Slope slope={slope} says={slopeText(slope)} />}
      <Quiet>
        {response.sessions > 2
          ? `${slopeText(slope)}. ${capital(evidenceText(working))}.`
          : `${capital(evidenceText(working))}.`}
      </Quiet>
    </View>
  );
}

const BeforeRow = ({ before: { block, slope, adherence } }: { before: BlockBefore }) => (
  <View className="gap-1 border-b border-line pb-2">
    <Strong>{block.name}</Strong>
    {block.follows && <Quiet>{block.follows.changed}</Quiet>}
    {slope && <Slope slope={slope} says={slopeText(slope)} />}
    <Quiet>
      {`${slope ? slopeText(slope) : 'Too little was done to say'}. ${percent(adherence)} of its sessions done.`}
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
      <Banner title={advice.change === 'nothing' ? 'Keep it' : 'Change one thing'}>
        {`${advice.why}.`}
      </Banner>
      {lifts.map((lift) => (
        <LiftVerdict key={lift.liftId} working={lift} />
      ))}
      <Quiet className="text-ink">
        {`${percent(adherence)} of the sessions due were done${rough === null ? '' : `; came rough to ${percent(rough)} of them`}.`}
      </Quiet>
      {change && (
        <View className="gap-1">
          <Strong>How do they find it?</Strong>
          <Choice
            label="How do they find it"
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
