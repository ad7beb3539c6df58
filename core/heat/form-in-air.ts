import type { Surroundings } from '../places/index.ts';
import { edgesOf, volumeOverSurfaceM, type Body, type Form } from './body.ts';

/** What surrounds a piece of its size, lying as it lies. */
export function inAir(form: Form, around: Surroundings): Surroundings {
  if (around.vapourPa === undefined) return around;
  return {
    ...around,
    convection: around.convection * airTimesOf(form),
    ...(around.tray && { wetShare: 1 - restingShareOf(form) }),
  };
}

/**
 * As a piece rests it loses heat by its whole surface; the body that stands for it has less of it for
 * its volume.
 */
export function atRest(form: Form, body: Body, around: Surroundings): Surroundings {
  const times = body.halfM / body.dimension / volumeOverSurfaceM(form);
  return {
    ...around,
    convection: around.convection * times,
    emissivity: around.emissivity * times,
    ...(around.vapourPa !== undefined && { wetShare: (around.wetShare ?? 1) * times }),
  };
}

/** A brick's lower face over all its faces; what is round touches as its box does. */
function restingShareOf(form: Form): number {
  return 1 / (2 * (1 + edgesOf(form)));
}

/**
 * Air takes hold of a small piece more than of a large one: laminar free convection goes with
 * length^(−1/4). Source: heat-transfer handbooks, from memory.
 */
function airTimesOf({ halfM, ...form }: Form): number {
  const wide = 'wide' in form ? form.wide : 1;
  return ((2 * halfM * wide) / USUAL_WIDTH_M) ** -0.25;
}

/** Of the joints to which the air in ovens and smokers was fitted. */
const USUAL_WIDTH_M = 0.132;
