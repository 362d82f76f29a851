import type { RampRequest } from '@spalo/core/warm-up';
import { purposeText } from '@spalo/core/words';
import { useState } from 'react';
import { View } from 'react-native';
import { Banner } from '../../design/Banner';
import { Button } from '../../design/Button';
import { changeText, platesText } from '../../design/load-text';
import { Sheet } from '../../design/Sheet';
import { Stepper } from '../../design/Stepper';
import { Body, Figure, Quiet, Strong } from '../../design/Words';
import { capital } from '../../design/sentence';
import { inWorker } from '../../state/worker/ask';
import { attempt } from '../../state/problems';
import type { BenchRamp } from '../../state/worker/tasks/bench';
import { clock } from '../../design/clock';
import { loadReps } from '../../parts/words/load-words';
import { rampWords } from '../../parts/words/ramp-words';

/** A ramp set by set, with what to change and the rest; and what is left of it in fewer minutes. */
export function BenchSheet({
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
            <View role="listitem" key={step.loadG} className="gap-0.5 border-b border-line pb-2">
              <View className="flex-row items-baseline justify-between gap-3">
                <Figure>{loadReps(step.loadG, step.reps, unit)}</Figure>
                <Quiet>{`then ${clock(step.restS)}`}</Quiet>
              </View>
              <Quiet>
                {[purposeText(step.purpose), plates && `${plates} a side`]
                  .filter(Boolean)
                  .join(' · ')}
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
      <Body>{`${capital(rampWords[bench.kind].what)}.`}</Body>
    </Sheet>
  );
}
