import { cleanup, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { showLive, supper, typeOver } from '../test/render.tsx';
import { table } from '../words/en/table.ts';
import { weave } from '../words/en/weave.ts';
import { learn } from '../words/words.ts';
import { EditField } from './EditField.tsx';
import { HoursDialog } from './HoursDialog.tsx';
import { ServingTime } from './ServingTime.tsx';
import { WeightField } from './WeightField.tsx';

learn(table);
learn(weave);

const meal = supper();
const field = () => screen.getByRole('textbox') as HTMLInputElement;

describe('a field', () => {
  function editing(refuse?: string) {
    const taken: string[] = [];
    const stepped: number[] = [];
    render(
      <EditField
        label="Name"
        value="soup"
        onStep={(direction) => stepped.push(direction)}
        onCommit={(text) => {
          if (text === refuse) return 'Not that.';
          taken.push(text);
          return undefined;
        }}
      />,
    );
    return { taken, stepped, user: userEvent.setup() };
  }

  it('takes what was typed on Enter and on leaving, once', async () => {
    const { taken, user } = editing();
    await typeOver(user, field(), 'broth');
    await user.tab();
    expect(taken).toEqual(['broth']);
    await user.clear(field());
    await user.type(field(), 'stew');
    await user.tab();
    expect(taken).toEqual(['broth', 'stew']);
  });

  it('drops it on Escape, and takes nothing that is as it was', async () => {
    const { taken, user } = editing();
    await user.clear(field());
    await user.type(field(), 'broth{Escape}');
    expect(field().value).toBe('soup');
    await typeOver(user, field(), ' soup ');
    expect(taken).toEqual([]);
  });

  it('keeps what it cannot take, with the reason tied to it, until it can', async () => {
    const { taken, user } = editing('glue');
    await typeOver(user, field(), 'glue');
    expect(field().value).toBe('glue');
    expect(field().getAttribute('aria-invalid')).toBe('true');
    const why = document.getElementById(field().getAttribute('aria-describedby') ?? '');
    expect(why?.textContent).toBe('Not that.');
    await typeOver(user, field(), 'broth');
    expect(screen.queryByRole('alert')).toBeNull();
    expect(taken).toEqual(['broth']);
  });

  it('is stepped by the arrows, and drops what was half typed', async () => {
    const { stepped, taken, user } = editing();
    await user.clear(field());
    await user.type(field(), 'bro{ArrowUp}{ArrowDown}');
    expect(stepped).toEqual([1, -1]);
    expect(field().value).toBe('soup');
    expect(taken).toEqual([]);
  });
});

describe('a weight', () => {
  function weighing(weightG: number, units: 'metric' | 'us' = 'metric') {
    const taken: [number, boolean][] = [];
    render(
      <WeightField
        label="Weight"
        className="field"
        weightG={weightG}
        units={units}
        onWeigh={(to, stepped) => taken.push([Math.round(to), stepped])}
      />,
    );
    return { taken, user: userEvent.setup() };
  }

  it.each([
    ['metric', '2,62 kg', 2620],
    ['metric', '580', 580],
    ['us', '5 lb 12 oz', 2608],
  ] as const)('in a %s kitchen reads %s', async (units, text, grams) => {
    const { taken, user } = weighing(1000, units);
    await typeOver(user, field(), text);
    expect(taken).toEqual([[grams, false]]);
  });

  it.each(['a lot', '0 g', '-3 kg'])(
    'does not take “%s”, and says how to write one',
    async (text) => {
      const { taken, user } = weighing(1000);
      await typeOver(user, field(), text);
      expect(screen.getByRole('alert').textContent).toContain(text);
      expect(taken).toEqual([]);
    },
  );

  it('steps by what one would put on the scale, and never to nothing', async () => {
    const { taken, user } = weighing(2620);
    await user.type(field(), '{ArrowUp}');
    cleanup();
    const light = weighing(10);
    await light.user.type(field(), '{ArrowDown}');
    expect([...taken, ...light.taken]).toEqual([
      [2650, true],
      [10, true],
    ]);
  });
});

describe('the serving time', () => {
  const serving = (of = meal) => showLive(of, (now) => <ServingTime meal={now} size="huge" />);

  it.each([
    ['19:30', '2026-11-28T19:30'],
    ['7 pm', '2026-11-28T19:00'],
    ['6:45 pm', '2026-11-28T18:45'],
  ])('reads %s', async (text, at) => {
    const { user, now } = serving();
    await typeOver(user, field(), text);
    expect(now().serving.at).toBe(at);
  });

  it('does not take what is no clock', async () => {
    const { user, now } = serving();
    await typeOver(user, field(), '25:00');
    expect(screen.getByRole('alert').textContent).toContain('25:00');
    expect(now().serving.at).toBe(meal.serving.at);
  });

  it('moves by five minutes and by days, each run of presses one to undo', async () => {
    const { user, now, undoable } = serving();
    const press = (name: string) => user.click(screen.getByRole('button', { name }));
    await press(table['table.later']);
    await press(table['table.later']);
    expect(now().serving.at).toBe('2026-11-28T19:10');
    expect(undoable()).toBe(1);
    await press(table['table.dayAfter']);
    await press(table['table.dayBefore']);
    await press(table['table.dayBefore']);
    expect(now().serving.at).toBe('2026-11-27T19:10');
    expect(undoable()).toBe(2);
    await press(table['table.earlier']);
    expect(now().serving.at).toBe('2026-11-27T19:05');
  });

  it('goes over midnight with its day', async () => {
    const late = { ...meal, serving: { ...meal.serving, at: '2026-11-28T23:55' } };
    const { user, now } = serving(late);
    await user.click(screen.getByRole('button', { name: table['table.later'] }));
    expect(now().serving.at).toBe('2026-11-29T00:00');
  });

  it('is written as the kitchen reads its clock', () => {
    serving({ ...meal, kitchen: { ...meal.kitchen, clock: '12h' } });
    expect(field().value).toBe('7:00 pm');
  });
});

describe('the hours of the cook', () => {
  function hours() {
    let closed = 0;
    const shown = showLive(meal, (now) => <HoursDialog meal={now} onClose={() => closed++} />);
    const stretches = () => screen.getAllByRole('group').slice(0, -1);
    const until = (i: number) =>
      within(stretches()[i] as HTMLElement).getByRole('textbox', { name: weave['weave.until'] });
    const keep = () =>
      shown.user.click(screen.getByRole('button', { name: weave['weave.hoursSave'] }));
    return { ...shown, stretches, until, keep, closed: () => closed };
  }

  it('are kept as typed, with the measures, as one to undo', async () => {
    const { user, until, keep, now, undoable, closed } = hours();
    await user.clear(until(0));
    await user.type(until(0), '6.30');
    await user.selectOptions(
      screen.getByRole('combobox', { name: weave['weave.weights'] }),
      weave['weave.weights.us'],
    );
    await keep();
    expect(now().kitchen.hours[0]).toMatchObject({ kind: 'asleep', from: '23:00', to: '06:30' });
    expect(now().kitchen.units).toBe('us');
    expect([undoable(), closed()]).toEqual([1, 1]);
  });

  it('are not kept while a time or the days of one are missing, and nothing typed is lost', async () => {
    const { user, until, keep, now, closed } = hours();
    await user.clear(until(1));
    await user.type(until(1), 'five-ish');
    await keep();
    expect(screen.getByRole('alert').textContent).toBe(weave['weave.badHours']);
    expect((until(1) as HTMLInputElement).value).toBe('five-ish');
    expect([now().kitchen, closed()]).toEqual([meal.kitchen, 0]);
  });

  it('can be added to and taken from', async () => {
    const { user, stretches, keep, now } = hours();
    await user.click(screen.getByRole('button', { name: weave['weave.hoursAdd'] }));
    expect(stretches()).toHaveLength(3);
    const [first] = screen.getAllByRole('button', { name: weave['weave.hoursRemove'] });
    await user.click(first as HTMLElement);
    await keep();
    expect(now().kitchen.hours.map(({ kind }) => kind)).toEqual(['away', 'away']);
  });

  it('leave a stretch no days only with a word', async () => {
    const { user, stretches, keep, now } = hours();
    for (const day of within(stretches()[1] as HTMLElement).getAllByRole('checkbox')) {
      if ((day as HTMLInputElement).checked) await user.click(day);
    }
    await keep();
    expect(screen.getByRole('alert')).toBeTruthy();
    expect(now().kitchen.hours[1]?.days).toEqual([1, 2, 3, 4, 5]);
  });
});
