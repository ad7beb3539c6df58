import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beginRun, eventsOf, foldRun, type Deed } from '@zemrin/core';
import { describe, expect, it } from 'vitest';
import { NOW_MIN, show, supper } from '../test/render.tsx';
import { cook } from '../words/en/cook.ts';
import { learn } from '../words/words.ts';
import { ReadingsTable } from './ReadingsTable.tsx';

learn(cook);

/** The lamb has smoked for an hour; a table of its thermometer is taken in. */
async function takeIn(text: string, deeds: readonly Deed[] = SMOKING) {
  const meal = supper();
  const events = eventsOf(deeds, [], { by: 'a', atMin: NOW_MIN - 60 });
  const run = { ...beginRun(meal, 'r', NOW_MIN - 600), events };
  const said: Deed[][] = [];
  const user = userEvent.setup();
  show(
    <ReadingsTable
      run={run}
      state={foldRun(run)}
      nowMin={NOW_MIN}
      onTake={(taken) => said.push([...taken])}
    />,
  );
  const file = new File([text], 'readings.csv', { type: 'text/csv' });
  await user.upload(screen.getByLabelText('Readings from a table', { selector: 'input' }), file);
  return { said, user };
}

const SMOKING: readonly Deed[] = [{ did: 'started', step: 'lamb-smoke' }];
const HEAD = 'minute,probe,coreC\n';

describe('a table of readings', () => {
  it('is taken in where its probe was, and what is left out is not', async () => {
    const { said, user } = await takeIn(`${HEAD}0,A,6\n30,A,41\n0,B,20\n`);
    const a = await screen.findByLabelText('Where “A” was');
    expect(a).toHaveProperty('value', '0');
    expect(screen.getByLabelText('Where “B” was')).toHaveProperty('value', '1');
    await user.selectOptions(screen.getByLabelText('Where “B” was'), 'leave it out');
    await user.click(screen.getByRole('button', { name: 'Take the table in' }));
    expect(said).toHaveLength(1);
    expect(said[0]?.map((deed) => deed.did)).toEqual(['probed', 'read', 'read']);
    expect(said[0]?.at(-1)).toMatchObject({ coreC: 41, readMin: NOW_MIN - 30 });
  });

  it('that counts from elsewhere is kept until it is said from where', async () => {
    const { said, user } = await takeIn(`${HEAD}500,A,6\n`);
    const take = await screen.findByRole('button', { name: 'Take the table in' });
    await user.click(take);
    expect((await screen.findByRole('alert')).textContent).toMatch(/after now/);
    const from = screen.getByLabelText('Its minutes count from');
    await user.selectOptions(from, 'when the cooking of this meal began');
    await user.click(take);
    expect(said[0]?.at(-1)).toMatchObject({ readMin: NOW_MIN - 100 });
  });

  it('says what is wrong with it, and that nothing was on', async () => {
    await takeIn('time,temp\n1,2\n');
    expect((await screen.findByRole('alert')).textContent).toMatch(/no column “minute”/);
  });

  it('says where nothing was over heat yet', async () => {
    await takeIn(`${HEAD}0,A,6\n`, []);
    expect((await screen.findByRole('alert')).textContent).toMatch(/over heat/);
  });
});
