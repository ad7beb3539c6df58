import { hasOneHeat, isLimited, placeNamed, PLACES } from '../../places/index.ts';
import type { Kitchen, Step } from '../../meal/index.ts';
import { blocksOf, stretchesOf } from '../../time/index.ts';
import type { AuditFinding } from './finding.ts';
import type { Plan, PlannedStep } from '../planned.ts';

/**
 * Whether more of anything is used than there is, looked at minute by minute where something
 * begins: written on its own, so that it can catch the planner.
 */
export function resourceFindings(
  plan: Plan,
  stepOf: ReadonlyMap<string, Step>,
  kitchen: Kitchen,
): AuditFinding[] {
  const told = (a: string, b: string) =>
    plan.clashes.some((clash) => clash.steps.includes(a) && clash.steps.includes(b));
  return [
    ...handsFindings(plan, kitchen, told),
    ...hoursFindings(plan, kitchen),
    ...heatFindings(plan, stepOf, kitchen, told),
    ...roomFindings(plan, kitchen),
    ...vesselFindings(plan, told),
  ];
}

type Told = (a: string, b: string) => boolean;

function piecesOf(plan: Plan) {
  return plan.steps
    .filter((step) => !step.begun)
    .flatMap((step) => step.hands.map((hands) => ({ id: step.id, ...hands })));
}

/** Nobody does two things at once; a step's own pieces are one thing. */
function handsFindings(plan: Plan, kitchen: Kitchen, told: Told): AuditFinding[] {
  const known = new Set([undefined, ...(kitchen.helpers ?? []).map(({ name }) => name)]);
  const pieces = piecesOf(plan);
  return pieces.flatMap((a, i) => {
    const stranger: AuditFinding[] = known.has(a.who)
      ? []
      : [{ rule: 'hands', steps: [a.id], text: `nobody is called ${a.who}` }];
    const twice = pieces
      .slice(i + 1)
      .filter((b) => a.who === b.who && a.id !== b.id && !told(a.id, b.id))
      .filter((b) => a.startMin < b.endMin && b.startMin < a.endMin)
      .map((b): AuditFinding => ({ rule: 'hands', steps: [a.id, b.id], text: 'two jobs at once' }));
    return [...stranger, ...twice];
  });
}

/** The cook is awake and at home; a helper is there. */
function hoursFindings(plan: Plan, kitchen: Kitchen): AuditFinding[] {
  const first = Math.min(plan.servingMin, ...plan.steps.map((step) => step.startMin));
  const blocks = blocksOf(kitchen.hours, plan.zone, first, plan.servingMin);
  const said = (id: string) => plan.clashes.some((clash) => clash.steps.includes(id));
  return piecesOf(plan).flatMap((piece): AuditFinding[] => {
    const helper = (kitchen.helpers ?? []).find(({ name }) => name === piece.who);
    const there = helper
      ? stretchesOf(helper, plan.zone, piece.startMin, piece.endMin).some(
          ({ startMin, endMin }) => startMin <= piece.startMin && piece.endMin <= endMin,
        )
      : blocks.every((b) => piece.startMin >= b.endMin || piece.endMin <= b.startMin);
    if (there || said(piece.id)) return [];
    return [{ rule: 'hours', steps: [piece.id], text: `“${piece.what}” while asleep or away` }];
  });
}

/** Where a step is: which appliance, and which side of its fire. */
function spotOf(step: PlannedStep, kitchen: Kitchen): string {
  const { kind, zone } = step.place;
  const appliances = kitchen.appliances.filter((appliance) => appliance.kind === kind);
  const one = appliances.find(({ id }) => id === step.appliance) ?? appliances[0];
  const sides = placeNamed(kind).appliance?.twoSided && one?.fitsIndirect !== undefined;
  return `${kind} ${one?.id ?? ''} ${sides ? (zone ?? 'direct') : ''}`;
}

function heatFindings(
  plan: Plan,
  stepOf: ReadonlyMap<string, Step>,
  kitchen: Kitchen,
  told: Told,
): AuditFinding[] {
  const hot = plan.steps.filter((step) => hasOneHeat(step.place.kind) && step.place.tempC);
  const range = (step: PlannedStep) => {
    const {
      kind,
      tempC = 0,
      fromC = tempC,
      toC = tempC,
    } = stepOf.get(step.id)?.place ?? step.place;
    // Nobody sets coals to the degree.
    const slack = placeNamed(kind).appliance?.toleranceC ?? 0;
    return [Math.min(fromC, tempC) - slack, Math.max(toC, tempC) + slack] as const;
  };
  return hot.flatMap((a, i) =>
    hot.slice(i + 1).flatMap((b): AuditFinding[] => {
      const apart = spotOf(a, kitchen) !== spotOf(b, kitchen);
      if (apart || (a.begun && b.begun) || told(a.id, b.id)) return [];
      if (a.startMin >= b.endMin || b.startMin >= a.endMin) return [];
      const [aLow, aHigh] = range(a);
      const [bLow, bHigh] = range(b);
      return aLow <= bHigh && bLow <= aHigh
        ? []
        : [{ rule: 'heat', steps: [a.id, b.id], text: 'one place at two heats' }];
    }),
  );
}

function roomFindings(plan: Plan, kitchen: Kitchen): AuditFinding[] {
  return PLACES.filter(isLimited).flatMap((kind) => {
    const there = plan.steps.filter(
      (step) => step.place.kind === kind && step.verb !== 'preheat' && step.verb !== 'light',
    );
    return there.flatMap((step): AuditFinding[] => {
      const spot = spotOf(step, kitchen);
      const appliance = kitchen.appliances.find(({ id }) => spot.split(' ')[1] === id);
      if (!appliance) return [];
      const room = spot.endsWith('indirect') ? (appliance.fitsIndirect ?? 0) : appliance.fits;
      const together = there.filter(
        (other) =>
          spotOf(other, kitchen) === spot &&
          other.startMin <= step.startMin &&
          other.endMin > step.startMin,
      );
      const taken = together.reduce((sum, other) => sum + (other.room ?? 1), 0);
      const said = plan.clashes.some((clash) => clash.steps.includes(step.id));
      if (taken <= room || said || together.length < 2 || together.every((o) => o.begun)) return [];
      const steps = together.map((other) => other.id);
      return [{ rule: 'room', steps, text: `${taken} where ${room} fit` }];
    });
  });
}

/** One pot is not in two dishes at once. */
function vesselFindings(plan: Plan, told: Told): AuditFinding[] {
  const inVessels = plan.steps.filter((step) => step.vessel !== undefined);
  return inVessels.flatMap((a, i) =>
    inVessels.slice(i + 1).flatMap((b): AuditFinding[] => {
      const apart = a.vessel !== b.vessel || a.dish === b.dish || (a.begun && b.begun);
      if (apart || told(a.id, b.id)) return [];
      if (a.startMin >= b.endMin || b.startMin >= a.endMin) return [];
      return [{ rule: 'room', steps: [a.id, b.id], text: `both in ${a.vessel}` }];
    }),
  );
}
