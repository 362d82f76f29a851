import type { Lesson, Style } from '../schema/lesson';
import type { Retired } from '../schema/taught';
import { phases, type Phase } from '../schema/terms';

/** Phases that every style inspects; a lift may have no bottom, or start where it was set up. */
const ALWAYS: readonly Phase[] = phases.filter((phase) => phase !== 'bottom');

const twice = (ids: readonly string[]) => ids.filter((id, at) => ids.indexOf(id) !== at);

function checkStyle(style: Style): string[] {
  const checkpoints = new Set(style.checkpoints.map(({ id }) => id));
  const cues = new Set(style.cues.map(({ id }) => id));
  const lists = {
    checkpoint: style.checkpoints,
    cue: style.cues,
    fault: style.faults,
    step: style.teach,
  };
  const cuesOf = (fault: Style['faults'][number]) =>
    fault.causes.flatMap(({ remedies }) =>
      remedies.flatMap((remedy) => (remedy.kind === 'cue' ? [remedy.cueId] : [])),
    );
  const inspected = new Set(style.checkpoints.map(({ phase }) => phase));
  return [
    ...Object.entries(lists).flatMap(([what, list]) =>
      twice(list.map(({ id }) => id)).map((id) => `the ${what} ${id} is there twice`),
    ),
    ...style.cues
      .filter(({ checkpointId }) => !checkpoints.has(checkpointId))
      .map(({ id, checkpointId }) => `the cue ${id} is at ${checkpointId}, which is no checkpoint`),
    ...style.faults.flatMap((fault) =>
      cuesOf(fault)
        .filter((cueId) => !cues.has(cueId))
        .map((cueId) => `the fault ${fault.id} names ${cueId}, which is no cue`),
    ),
    ...style.faults
      .filter((fault) => fault.weight === 'major' && cuesOf(fault).length === 0)
      .map(({ id }) => `the fault ${id} is major and no cue answers it`),
    ...style.faults
      .filter(({ weight, causes }) => weight === 'major' && causes.length < 2)
      .map(({ id }) => `the fault ${id} is major and has one cause: say two, and how each is told`),
    ...style.faults.flatMap(({ id, causes }) =>
      twice(causes.map(({ tell }) => tell)).map(
        (tell) => `two causes of the fault ${id} are told by the same: ${tell}`,
      ),
    ),
    ...(style.faults.some(({ weight }) => weight === 'safety')
      ? []
      : ['no fault stops the set: one is for safety']),
    ...ALWAYS.filter((phase) => !inspected.has(phase)).map((phase) => `nothing inspects: ${phase}`),
  ];
}

/** Where a retired id leads to nothing, or is still in use. */
function checkRetired(lesson: Lesson, retired: Retired): string[] {
  const inStyles = (list: 'cues' | 'faults' | 'checkpoints') =>
    lesson.styles.flatMap((style) => style[list].map(({ id }) => `${style.id}/${id}`));
  const live = {
    styles: lesson.styles.map(({ id }) => id),
    cues: inStyles('cues'),
    faults: inStyles('faults'),
    checkpoints: inStyles('checkpoints'),
  };
  return (Object.keys(live) as (keyof Retired)[]).flatMap((list) => {
    const known = new Set([...live[list], ...Object.keys(retired[list])]);
    return Object.entries(retired[list]).flatMap(([old, successor]) => [
      ...(live[list].includes(old) ? [`retired ${old} is still in use (${list})`] : []),
      ...(known.has(successor) ? [] : [`retired ${old} leads to ${successor}, which is not there`]),
    ]);
  });
}

/** Rungs lead up to the lift and on from it: easier ones first, the lift once, each rung once. */
function checkLadder({ liftId, ladder }: Lesson): string[] {
  const order = ['easier', 'this', 'harder'];
  const places = ladder.map(({ place }) => order.indexOf(place));
  const own = ladder.filter(({ place }) => place === 'this');
  return [
    ...(own.length === 1 && own[0]!.liftId === liftId
      ? []
      : ['its ladder does not reach the lift']),
    ...(places.every((place, at) => at === 0 || place >= places[at - 1]!)
      ? []
      : ['its ladder is out of order']),
    ...twice(ladder.map(({ name }) => name)).map((name) => `${name} is on its ladder twice`),
  ];
}

/** A sentence that stands under more lifts than this could stand under any. */
const SHARED_AT_MOST = 3;

/** Sentences that too many lifts share: each says something of its own lift. */
export function checkShared(lessons: readonly Lesson[]): string[] {
  const under = new Map<string, Set<string>>();
  for (const { liftId, styles } of lessons) {
    for (const style of styles) {
      const sentences = [
        style.standard,
        ...style.checkpoints.flatMap(({ right, why }) => [right, why]),
        ...style.cues.map(({ text }) => text),
        // Steps that are a lift or a drill of the catalogue are called what those are called.
        ...style.teach
          .filter(({ liftId: lift, drillId }) => lift === null && drillId === null)
          .flatMap(({ do: what, right }) => [what, right]),
      ];
      for (const sentence of sentences) {
        under.set(sentence, (under.get(sentence) ?? new Set()).add(liftId));
      }
    }
  }
  return [...under]
    .filter(([, lifts]) => lifts.size > SHARED_AT_MOST)
    .map(([sentence, lifts]) => `"${sentence}" stands under ${lifts.size} lifts`);
}

/** What is wrong with a lesson beyond its shape, in words. */
export function checkLesson(lesson: Lesson, retired: Retired): string[] {
  return [
    ...lesson.styles.flatMap((style) =>
      checkStyle(style).map((problem) => `style ${style.id}: ${problem}`),
    ),
    ...checkLadder(lesson),
    ...checkRetired(lesson, retired),
  ];
}
