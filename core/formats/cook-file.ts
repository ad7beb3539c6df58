import { COOKERS, cooks, USUAL_CONDITIONS, WRAPS, environmentNamed } from '../places/index.ts';
import { z } from 'zod';
import {
  cookOnce,
  ensembleOf,
  impossibleIn,
  type ImpossibleCook,
  checkedByOf,
  PULLS_AT,
  pullCFor,
  SLICES_AT,
  type CookSpec,
  type End,
  type StageSpec,
} from '../heat/index.ts';
import {
  DOCUMENTS,
  MealError,
  migrated,
  newestVersion,
  problemsOf,
  readJson,
} from '../meal/index.ts';
import { CUTS, PREPARED } from '../pantry/index.ts';
import { id, minutes, readWeight, type Known } from '../quantity/index.ts';
import { afterwards, safetyOfCook } from '../safety/index.ts';

/**
 * The cook file: one food and its stages, for other tools and the command line. Documented in
 * docs/cook-file.md.
 */
export const COOK_VERSION = newestVersion(DOCUMENTS.cook);

const UntilSchema = z.union([
  z.looseObject({ minutes: minutes.positive() }),
  z.looseObject({ coreC: z.number().min(-10).max(99) }),
  /** The core it should come to by itself, once it has rested. */
  z.looseObject({ finalC: z.number().min(30).max(99) }),
  z.looseObject({ tender: z.enum(['slices', 'pulls']) }),
  /** Until the core climbs no more. */
  z.looseObject({ peak: z.literal(true) }),
]);

const StageSchema = z.looseObject({
  cooker: z.enum(COOKERS),
  tempC: z.number().min(-30).max(400).optional(),
  wrap: z.enum(WRAPS).optional(),
  turnEveryMin: z.number().positive().optional(),
  until: UntilSchema,
});

const UNIT = /\p{L}/u;

const CookFileSchema = z.looseObject({
  zemrin: z.literal('cook'),
  version: z.literal(COOK_VERSION),
  cut: id,
  /** Of one piece, as the cook writes it. */
  weight: z.string().refine((text) => UNIT.test(text) && (readWeight(text) ?? 0) > 0, {
    message: 'must be a weight with its unit, like “2.6 kg”',
  }),
  thicknessMm: z.number().min(1).max(500).optional(),
  /** Of a bird: stuffed, or cut open and pressed flat. */
  prepared: z.enum(PREPARED).optional(),
  startC: z.number().min(-30).max(60).default(4.5),
  altitudeM: z.number().min(-430).max(6000).optional(),
  roomC: z.number().min(-10).max(45).optional(),
  outdoorC: z.number().min(-40).max(50).optional(),
  windMPerS: z.number().min(0).max(30).optional(),
  /** How much hotter than it says each cooker runs, from measuring. */
  offsetC: z.partialRecord(z.enum(COOKERS), z.number().min(-80).max(80)).optional(),
  stages: z.array(StageSchema).min(1, 'must hold at least one stage'),
});
type CookFile = Known<z.infer<typeof CookFileSchema>>;
type CookFileStage = CookFile['stages'][number];

/** Reads the text of a cook file. @throws MealError with every problem found */
export function parseCook(text: string): CookSpec {
  const parsed = CookFileSchema.safeParse(migrated(readJson(text), DOCUMENTS.cook));
  if (!parsed.success) throw new MealError(parsed.error.issues.flatMap(problemsOf));
  return specOf(parsed.data);
}

function specOf(file: CookFile): CookSpec {
  const cut = CUTS.get(file.cut);
  if (!cut) {
    const known = [...CUTS.keys()].join(', ');
    const wrong = `names “${file.cut}”, which is no cut of the pantry`;
    throw new MealError([{ path: 'cut', wrong, mend: `Write one of: ${known}` }]);
  }
  const spec: CookSpec = {
    piece: {
      cut,
      weightG: readWeight(file.weight) ?? 0,
      thicknessMm: file.thicknessMm,
      ...(file.prepared && { prepared: file.prepared }),
    },
    startC: file.startC,
    stages: file.stages.map(stageOf),
    conditions: {
      altitudeM: file.altitudeM ?? USUAL_CONDITIONS.altitudeM,
      roomC: file.roomC ?? USUAL_CONDITIONS.roomC,
      outdoorC: file.outdoorC ?? USUAL_CONDITIONS.outdoorC,
      windMPerS: file.windMPerS ?? USUAL_CONDITIONS.windMPerS,
    },
    offsetC: file.offsetC,
  };
  const impossible = impossibleIn(spec);
  if (impossible.length > 0) {
    throw new MealError(impossible.map(({ at, ...problem }) => ({ path: pathOf(at), ...problem })));
  }
  const final = file.stages.findLast(({ until }) => 'finalC' in until);
  if (!final || !('finalC' in final.until)) return spec;
  const at = file.stages.indexOf(final);
  if (file.stages.slice(at + 1).some(({ cooker }) => cooks(cooker))) {
    const wrong = 'is a core to come to by itself, and more cooking follows';
    const mend = 'Write “coreC” there, and “finalC” on the last stage that cooks';
    throw new MealError([{ path: `stages[${at}].until`, wrong, mend }]);
  }
  const end: End = { kind: 'core', coreC: pullCFor(spec, final.until.finalC) };
  return { ...spec, stages: spec.stages.map((one, i) => (i === at ? { ...one, end } : one)) };
}

function pathOf(at: ImpossibleCook['at']): string {
  if (typeof at !== 'string') return `stages[${at.stage}].tempC`;
  return at === 'thickness' ? 'thicknessMm' : at;
}

function stageOf({ until, cooker, tempC, wrap, turnEveryMin }: CookFileStage): StageSpec {
  return { cooker, tempC, wrap, turnEveryMin, end: endOfStage(until) };
}

function endOfStage(until: CookFileStage['until']): End {
  if ('minutes' in until) return { kind: 'minutes', minutes: until.minutes };
  if ('coreC' in until) return { kind: 'core', coreC: until.coreC };
  if ('finalC' in until) return { kind: 'core', coreC: until.finalC };
  if ('tender' in until) {
    return { kind: 'tender', tenderness: until.tender === 'pulls' ? PULLS_AT : SLICES_AT };
  }
  return { kind: 'peak' };
}

/** Points of the curve that is printed. */
const POINTS = 120;

/** A cook as other tools read it. Minutes and curve as the Heat view shows them. */
export function cookJson(spec: CookSpec) {
  const rough = cookOnce(spec, undefined, { everyMin: 1e6 });
  const likely = cookOnce(spec, undefined, { everyMin: rough.minutes / POINTS, fields: true });
  const ensemble = run(ensembleOf(spec, likely));
  const fire = spec.stages.some(({ cooker }) => cooks(cooker));
  const after = fire ? afterwards(spec) : undefined;
  const last = likely.stages.at(-1);
  return {
    minutes: ensemble.minutes,
    stages: likely.stages,
    curve: Array.from(likely.minute, (minute, i) => ({
      minute,
      coreC: likely.coreC[i] ?? NaN,
      surfaceC: likely.surfaceC[i] ?? NaN,
    })),
    pullC: after?.pullC ?? last?.coreC ?? spec.startC,
    peakC: after?.peakC ?? likely.peakCoreC,
    ...(after && { rests: { minutes: after.restMin, coreC: after.restedC }, plate: after.plate }),
    logReduction: safetyOfCook(spec, likely).logs,
    tenderness: likely.tenderness,
    loses: { evaporated: likely.evaporated, dripped: likely.dripped },
    holds: after?.holds ?? [],
    checkedBy: checkedByOf(spec),
    warnings: warningsOf(
      spec,
      likely.stages.map(({ reached }) => reached),
    ),
  };
}

function warningsOf(spec: CookSpec, reached: readonly boolean[]): string[] {
  const cool = spec.stages.flatMap(({ cooker }, i) =>
    reached[i] === false
      ? [`Stage ${i + 1} never gets there: the ${cooker} is too cool for it.`]
      : [],
  );
  const unchecked = spec.stages
    .filter(({ cooker }) => cooks(cooker))
    .map(({ cooker }) => cooker)
    .filter((cooker) => environmentNamed(cooker).basis !== 'fitted');
  const fires = [...new Set(unchecked)].join(', ');
  return [
    ...cool,
    ...(unchecked.length > 0 ? [`No printed chart checks ${fires}: usual figures only.`] : []),
  ];
}

function run<T>(work: Generator<unknown, T>): T {
  for (;;) {
    const { done, value } = work.next();
    if (done === true) return value;
  }
}
