import { patterns } from '@spalo/core';
import {
  breathingOut,
  cuesForFault,
  faultFacts,
  lifts,
  lessonSchema,
  liftById,
  regressionOf,
  styleOf,
} from './index';

const styles = lifts.flatMap((lift) =>
  lift.lesson.styles.map((style) => [lift.id, style] as const),
);

describe('the catalogue', () => {
  it.each(lifts.map((lift) => [lift.id, lift] as const))('%s keeps to the schema', (id, lift) => {
    expect(() => lessonSchema.parse(lift.lesson)).not.toThrow();
    expect(lift.lesson.liftId).toBe(id);
    expect(lift.repRange.low).toBeLessThan(lift.repRange.high);
  });

  it.each(styles)(
    '%s: cues point at checkpoints and remedies at cues of the same style',
    (_, style) => {
      const checkpoints = new Set(style.checkpoints.map((checkpoint) => checkpoint.id));
      const cues = new Set(style.cues.map((cue) => cue.id));
      expect(style.cues.filter((cue) => !checkpoints.has(cue.checkpointId))).toEqual([]);
      expect(style.faults.flatMap(cuesForFault).filter((cueId) => !cues.has(cueId))).toEqual([]);
    },
  );

  it.each(styles)('%s: ids are unique and every phase of a rep is inspected', (_, style) => {
    for (const list of [style.checkpoints, style.cues, style.faults]) {
      const ids = list.map((item) => item.id);
      expect(new Set(ids).size).toBe(ids.length);
    }
    const inspected = new Set<string>(style.checkpoints.map((checkpoint) => checkpoint.phase));
    const phases = [
      'place and equipment',
      'set-up',
      'brace',
      'start',
      'way down',
      'way up',
      'finish',
      'put back',
    ];
    expect(phases.filter((phase) => !inspected.has(phase))).toEqual([]);
  });

  it.each(styles)(
    '%s: a fault that is not minor can be answered with a cue, and one stops the set',
    (_, style) => {
      const facts = faultFacts(style);
      expect(
        facts.filter((fault) => fault.weight === 'major' && fault.cueIds.length === 0),
      ).toEqual([]);
      expect(facts.some((fault) => fault.weight === 'safety')).toBe(true);
    },
  );

  it.each(styles)('%s: breathing out leaves nothing that asks to hold the breath', (_, style) => {
    const out = breathingOut(style);
    const brace = out.checkpoints.filter((checkpoint) => checkpoint.phase === 'brace');
    expect(brace.length).toBeGreaterThan(0);
    for (const checkpoint of brace) expect(checkpoint.right).toMatch(/out through the effort/);
    const said = out.cues.filter((cue) => brace.some(({ id }) => id === cue.checkpointId));
    for (const cue of said) expect(cue.text).toMatch(/Breathe out|air moving/);
    expect(out.cues.map((cue) => cue.id)).toEqual(style.cues.map((cue) => cue.id));
    expect(out.cues.some((cue) => /breathe wide|hold (your|the) breath/i.test(cue.text))).toBe(
      false,
    );
  });

  it('covers a gym floor: at least 45 loaded lifts, each with sensible figures', () => {
    expect(lifts.length).toBeGreaterThanOrEqual(45);
    expect(new Set(lifts.map((lift) => lift.id)).size).toBe(lifts.length);
    for (const lift of lifts) {
      expect(lift.priorRatio).toBeGreaterThan(0.03);
      expect(lift.priorRatio).toBeLessThan(2.5);
      expect(lift.repConstant).toBeGreaterThanOrEqual(30);
      expect(lift.repConstant).toBeLessThanOrEqual(45);
      expect(lift.muscles.main.length).toBeGreaterThan(0);
      const onStation = ['stack', 'machine', 'assisted'].includes(lift.implement);
      expect(lift.stations.length > 0).toBe(onStation);
      expect(lift.bodyShare > 0).toBe(lift.implement === 'body');
    }
    for (const pattern of patterns)
      expect(lifts.some((lift) => lift.pattern === pattern)).toBe(true);
  });

  it('answers for what it does not hold', () => {
    expect(() => liftById('juggling')).toThrow(RangeError);
    expect(styleOf('back-squat', 'forgotten').id).toBe('high-bar');
    expect(regressionOf('back-squat')).toBe('goblet squat');
  });
});
