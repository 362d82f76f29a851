import type { z } from 'zod';
import {
  lessonSchema,
  type Lesson,
  type Remedy,
  type Style,
  type TeachStep,
} from '../schema/lesson';
import type { Retired, Taught, TaughtFault } from '../schema/taught';
import { checkLesson, checkShared } from './check';
import { ladderLoops } from './ladder-loops';
import { lessonSource, retiredSource, styleSource, type StyleSource } from './source';

/** Parsed YAML by path without ending, as `back-squat/high-bar`. */
export type Sources = ReadonlyMap<string, unknown>;

/** What is wrong, file by file; thrown when lessons are compiled, so that nothing half-right is built. */
export class LessonProblems extends Error {
  constructor(readonly problems: readonly string[]) {
    super(`Lessons to mend:\n${problems.map((problem) => `  ${problem}`).join('\n')}`);
    this.name = 'LessonProblems';
  }
}

function read<T>(schema: z.ZodType<T>, sources: Sources, file: string): T {
  const result = schema.safeParse(sources.get(file));
  if (result.success) return result.data;
  const [issue] = result.error.issues;
  const place = issue?.path.join('.') ?? '';
  throw new LessonProblems([`${file}.yaml: ${place ? `${place}: ` : ''}${issue?.message}`]);
}

function remedyOf(source: StyleSource['faults'][number]['causes'][number]['remedies'][number]) {
  const [[kind, text] = ['', '']] = Object.entries(source);
  return (kind === 'cue' ? { kind, cueId: text } : { kind, text }) as Remedy;
}

/** What rungs of ladders are called: the lifts and drills that there are, by id. */
export interface Names {
  lifts: ReadonlyMap<string, string>;
  drills: ReadonlyMap<string, string>;
}

/** A name of the catalogue; throws LessonProblems for a lift or drill that is not there. */
function nameOf(liftId: string, names: Names, { lift, drill }: { lift?: string; drill?: string }) {
  const name = lift ? names.lifts.get(lift) : drill ? names.drills.get(drill) : undefined;
  if (name === undefined) {
    throw new LessonProblems([`${liftId}: there is no lift or drill ${lift ?? drill ?? ''}`]);
  }
  return name;
}

/** The teaching order of a style. */
const teachOf = ({ teach }: StyleSource): TeachStep[] =>
  teach.map(({ lift, drill, ...step }) => ({
    ...step,
    liftId: lift ?? null,
    drillId: drill ?? null,
  }));

function styleOf(id: string, source: StyleSource): Style {
  const { cues, faults, never: _never, teach: _teach, ...rest } = source;
  return {
    id,
    ...rest,
    teach: teachOf(source),
    cues: cues.map(({ id: cueId, at, say, ...cue }) => ({
      id: cueId,
      checkpointId: at,
      text: say,
      ...cue,
    })),
    faults: faults.map((fault) => ({
      ...fault,
      causes: fault.causes.map((cause) => ({
        ...cause,
        remedies: cause.remedies.map(remedyOf),
      })),
    })),
  };
}

/** Cues that say what belongs to another school. */
const contradictions = ({ never, cues }: StyleSource): string[] =>
  cues.flatMap(({ id, say }) =>
    never
      .filter((phrase) => say.toLowerCase().includes(phrase.toLowerCase()))
      .map((phrase) => `the cue ${id} says "${phrase}", which this style never does`),
  );

function readStyle(sources: Sources, liftId: string, styleId: string, names: Names): Style {
  const source = read(styleSource, sources, `${liftId}/${styleId}`);
  const wrong = contradictions(source);
  if (wrong.length > 0) {
    throw new LessonProblems(wrong.map((problem) => `${liftId}: style ${styleId}: ${problem}`));
  }
  // A step is of the catalogue, or it is its own words.
  for (const step of source.teach) if (step.lift ?? step.drill) nameOf(liftId, names, step);
  return styleOf(styleId, source);
}

function taughtFault({ id, name, glyph, weight, causes }: Style['faults'][number]): TaughtFault {
  const cueIds = causes.flatMap(({ remedies }) =>
    remedies.flatMap((remedy) => (remedy.kind === 'cue' ? [remedy.cueId] : [])),
  );
  return { id, name, glyph, weight, cueIds: [...new Set(cueIds)] };
}

/** What of a lesson is known without loading it. */
function taughtOf(lesson: Lesson, retired: Retired): Taught {
  const rungs = lesson.ladder.filter(({ place }) => place === 'easier');
  const easier = rungs.at(-1);
  return {
    styles: lesson.styles.map(({ id, name, checkpoints, cues, faults }) => ({
      id,
      name,
      cues: cues.flatMap((cue) => {
        const at = checkpoints.find((checkpoint) => checkpoint.id === cue.checkpointId);
        return at ? [{ ...cue, phase: at.phase }] : [];
      }),
      faults: faults.map(taughtFault),
    })),
    easier: easier?.name.toLowerCase() ?? null,
    easierLift: rungs.findLast(({ liftId }) => liftId !== null)?.liftId ?? null,
    retired,
  };
}

type Rung = z.infer<typeof lessonSource>['ladder'][number];

/** A rung by the name of its lift or drill; throws LessonProblems for one that is not there. */
function rungOf(liftId: string, names: Names, { lift, drill, clean, ...rung }: Rung) {
  const name = nameOf(liftId, names, { lift, drill });
  return { ...rung, name, liftId: lift ?? null, drillId: drill ?? null, clean: clean ?? null };
}

/** One lift's lesson and index from its files; throws LessonProblems. */
export function compileLesson(
  sources: Sources,
  liftId: string,
  names: Names,
): { lesson: Lesson; taught: Taught } {
  const source = read(lessonSource, sources, `${liftId}/lesson`);
  const retired = sources.has(`${liftId}/retired`)
    ? read(retiredSource, sources, `${liftId}/retired`)
    : { styles: {}, cues: {}, faults: {}, checkpoints: {} };
  const ladder = source.ladder.map((rung) => rungOf(liftId, names, rung));
  const styles = source.styles.map((styleId) => readStyle(sources, liftId, styleId, names));
  const shaped = lessonSchema.safeParse({ ...source, ladder, liftId, styles });
  if (!shaped.success) {
    throw new LessonProblems(
      shaped.error.issues.map(({ path, message }) => `${liftId}: ${path.join('.')}: ${message}`),
    );
  }
  const problems = checkLesson(shaped.data, retired);
  if (problems.length > 0) {
    throw new LessonProblems(problems.map((problem) => `${liftId}: ${problem}`));
  }
  return { lesson: shaped.data, taught: taughtOf(shaped.data, retired) };
}

/** Every lift's lesson; throws LessonProblems with all that is wrong in any of them. */
export function compileAll(sources: Sources, names: Names) {
  const liftIds = [...names.lifts.keys()];
  const problems: string[] = [];
  const compiled = liftIds.flatMap((liftId) => {
    try {
      return [{ liftId, ...compileLesson(sources, liftId, names) }];
    } catch (error) {
      if (!(error instanceof LessonProblems)) throw error;
      problems.push(...error.problems);
      return [];
    }
  });
  const lessons = compiled.map(({ lesson }) => lesson);
  problems.push(...checkShared(lessons));
  for (const loop of ladderLoops(lessons))
    problems.push(`these ladders lead in a circle: ${loop.join(' → ')}`);
  const folders = new Set([...sources.keys()].map((file) => file.split('/')[0]));
  for (const folder of folders) {
    if (folder && !liftIds.includes(folder)) {
      problems.push(`${folder}: no lift of that id in the catalogue`);
    }
  }
  if (problems.length > 0) throw new LessonProblems(problems);
  return compiled;
}
