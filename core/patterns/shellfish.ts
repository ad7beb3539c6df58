import { after, all, board, fixed, food, hob, part, start } from './parts.ts';
import { meatOf, minutesOf } from './meat.ts';
import type { Pattern } from './pattern.ts';

const inWater = (
  id: string,
  name: string,
  cuts: readonly string[],
  how: 'boilMin' | 'steamMin',
): Pattern => {
  const steams = how === 'steamMin';
  return {
    id,
    name,
    kind: 'main',
    cuts,
    cores: () => [],
    schools: [],
    chain: ({ cut }) => ({
      foods: [food(meatOf(cut))],
      mixtures: [],
      parts: [
        part('clean', 'prepare', 'Rinse and look over', fixed(15), board, {
          hands: all('Rinse; throw away what is broken or stays open; wash board and hands'),
          washes: true,
          after: [],
        }),
        part(
          'water',
          'boil',
          'Water on',
          { kind: 'boiling', ml: steams ? 600 : 4000, ringW: 1800 },
          hob(100),
          { hands: start(1, steams ? 'A little water on, lid on' : 'Salted water on'), after: [] },
        ),
        part(
          'cook',
          steams ? 'steam' : 'boil',
          steams ? 'Steam' : 'Boil',
          minutesOf(cut, how),
          hob(100),
          {
            hands: start(2, 'In, lid on'),
            after: [...after(20, 'clean'), ...after(15, 'water')],
            doneWhen: { text: 'opaque all through, shells open' },
          },
        ),
        part(
          'serve',
          'serve',
          'Out, into bowls',
          fixed(3),
          { kind: 'table' },
          {
            hands: all('Out; leave what stayed shut'),
            after: after(2, 'cook'),
          },
        ),
      ],
      readyWithinMin: 5,
    }),
  };
};

/** Fish and shellfish in steam and boiling water. The minutes are the pantry's. */
export const SHELLFISH: readonly Pattern[] = [
  inWater(
    'steamed-catch',
    'Fish or shellfish, steamed',
    ['mussels', 'clams', 'prawns-shell-on', 'white-fish-fillet', 'lobster-whole'],
    'steamMin',
  ),
  inWater(
    'boiled-shellfish',
    'Lobster or crab, boiled',
    ['lobster-whole', 'crab-whole'],
    'boilMin',
  ),
];
