import { screen } from '@testing-library/react';
import { epochMinOf, type Deed } from '@zemrin/core';
import { describe, expect, it } from 'vitest';
import { showLive, supper, typeOver } from '../../test/render.tsx';
import { log } from '../../words/en/log.ts';
import { learn } from '../../words/words.ts';
import { StepTimes } from './StepTimes.tsx';

learn(log);

const meal = supper();
const { zone } = meal.serving;
const at = (local: string) => epochMinOf(local, zone);
const planned = { startMin: at('2026-11-28T15:00'), endMin: at('2026-11-28T16:30') };

function shown(was?: typeof planned) {
  const said: Deed[] = [];
  const step = { step: 'duck-braise', label: 'Braise', band: 'slow' as const, planned, was };
  const { user } = showLive(meal, () => (
    <StepTimes
      meal={meal}
      name="Duck"
      steps={[step, { ...step, step: 'never', label: 'Never', planned: undefined, was: undefined }]}
      onSay={(deeds) => said.push(...deeds)}
    />
  ));
  const field = (name: string) => screen.getByRole('textbox', { name, hidden: true });
  return { user, said, field };
}

describe('when a step was, told afterwards', () => {
  it('stands as planned until the cook says otherwise, in two fields', async () => {
    const { user, said, field } = shown();
    expect(field('Braise began')).toHaveProperty('value', '15:00');
    expect(field('Braise took')).toHaveProperty('value', '1 h 30');
    expect(screen.queryByRole('textbox', { name: 'Never took', hidden: true })).toBeNull();
    await typeOver(user, field('Braise took'), '2 h 10');
    await typeOver(user, field('Braise began'), '15:20');
    expect(said).toEqual([
      {
        did: 'toldTimes',
        step: 'duck-braise',
        begunMin: planned.startMin,
        endedMin: planned.startMin + 130,
      },
      {
        did: 'toldTimes',
        step: 'duck-braise',
        begunMin: planned.startMin + 20,
        endedMin: planned.endMin + 20,
      },
    ]);
  });

  it('says what is wrong with what is no time, and keeps it', async () => {
    const { user, said, field } = shown({
      startMin: planned.startMin + 5,
      endMin: planned.endMin,
    });
    await typeOver(user, field('Braise took'), 'a while');
    expect(screen.getByText(/“a while” is no length/)).toBeTruthy();
    expect(field('Braise took')).toHaveProperty('value', 'a while');
    expect(said).toEqual([]);
  });
});
