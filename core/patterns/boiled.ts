import { CUTS, type Cut } from '../pantry/index.ts';
import { writeNumber } from '../quantity/index.ts';
import {
  after,
  all,
  board,
  elastic,
  every,
  fixed,
  fridge,
  H,
  hob,
  line,
  mixture,
  part,
  range,
  start,
} from './parts.ts';
import type { Chain, Pattern } from './pattern.ts';
import { minutesOf } from './meat.ts';
import { by } from './side.ts';

/** A side whose minutes go by what is cooked: one chain, many foods. */
const sideOf = (
  id: string,
  name: string,
  cuts: readonly [string, ...string[]],
  chain: (food: Cut) => Chain,
): Pattern => ({
  id,
  name,
  kind: 'side',
  cuts,
  cores: () => [],
  schools: [],
  chain: ({ cut }) => chain(cutNamed(cut)),
});

function cutNamed(id: string): Cut {
  const found = CUTS.get(id);
  if (!found) throw new RangeError(`no cut “${id}”`);
  return found;
}

/** The food of a side: what an adult eats of it. */
export const helping = (id: string, { id: cut, name, rawPerAdultG: { low, high } }: Cut) =>
  by(id, name, cut, Math.round((low + high) / 10) * 5);

/** What catches unless it is stirred often. */
const STIRRED: ReadonlySet<string> = new Set(['polenta-dry', 'rice-as-main-dry']);

/** A pan loses about so much whatever is in it; the rest goes into the grain. For a usual 300 g. */
const USUAL_RICE_G = 300;
const extraMl = (waterShare: number) => Math.round(((waterShare - 1) * USUAL_RICE_G) / 20) * 20;

/** The same by the cup, where one goes by cups. */
const byTheCup = ({ waterCups }: Cut) =>
  waterCups === undefined ? '' : ` (by the cup, ${writeNumber(waterCups)} of water to one of rice)`;

/** A pot of water coming to the boil by itself. */
export const waterOn = (ml: number, what = 'Water on') =>
  part('water', 'boil', 'Water on', { kind: 'boiling', ml, ringW: 1800 }, hob(100), {
    hands: start(1, what),
    after: [],
  });

/** Sides from boiling water and steam. The minutes are the pantry's: kitchen convention, from memory. */
export const BOILED: readonly Pattern[] = [
  sideOf(
    'rice',
    'Rice, by absorption',
    [
      'rice-dry',
      'rice-basmati-dry',
      'rice-jasmine-dry',
      'rice-round-dry',
      'rice-brown-dry',
      'rice-parboiled-dry',
      'rice-wild-dry',
    ],
    (cut) => ({
      foods: [helping('rice', cut)],
      mixtures: [],
      parts: [
        part('rinse', 'prepare', 'Rinse', fixed(5), board, {
          hands: all('Rinse until the water runs clear'),
          after: [],
        }),
        part('cook', 'simmer', 'Simmer, lid on', minutesOf(cut.id, 'boilMin'), hob(96), {
          hands: start(
            4,
            `Water on: as much as the rice weighs, and ${extraMl(cut.waterShare ?? 1.6)} ml for pan and steam${byTheCup(cut)}; to the boil, then low`,
          ),
        }),
        part('rest', 'rest', 'Stand, lid on', elastic(5, 10, 30), hob(70), {
          hands: start(1, 'Off the ring'),
        }),
      ],
    }),
  ),
  sideOf(
    'greens',
    'Vegetables and dumplings, steamed',
    [
      'green-beans',
      'broccoli',
      'asparagus',
      'carrots',
      'cauliflower',
      'peas-shelled',
      'spinach',
      'brussels-sprouts',
      'corn-cobs',
      'potatoes-small',
      'potatoes-halved',
      'sweet-potatoes',
      'beetroot-cut',
      'dumplings-fresh',
    ],
    (cut) => ({
      foods: [helping('greens', cut)],
      mixtures: [],
      parts: [
        part('trim', 'prepare', 'Wash and trim', fixed(10), board, {
          hands: all('Wash, trim'),
          after: [],
        }),
        waterOn(800),
        part('steam', 'steam', 'Steam', minutesOf(cut.id, 'steamMin'), hob(100), {
          hands: start(1, 'In, lid on'),
          after: [...after(undefined, 'trim'), ...after(10, 'water')],
        }),
        part(
          'dress',
          'serve',
          'Butter and salt',
          fixed(2),
          { kind: 'table' },
          { hands: all('Butter, salt') },
        ),
      ],
      readyWithinMin: 10,
    }),
  ),
  sideOf(
    'boiled',
    'Potatoes and roots, boiled',
    ['potatoes-small', 'potatoes-cubed', 'carrots', 'beetroot-cut'],
    (cut) => ({
      foods: [helping('roots', cut)],
      mixtures: [],
      parts: [
        part('wash', 'prepare', 'Wash or peel, cut', fixed(10), board, {
          hands: all('Wash or peel, cut alike'),
          after: [],
        }),
        waterOn(2500, 'Salted water on'),
        part('cook', 'boil', 'Boil', minutesOf(cut.id, 'boilMin'), hob(100), {
          hands: start(1, 'In'),
          after: [...after(undefined, 'wash'), ...after(15, 'water')],
          doneWhen: { text: 'a knife slides in' },
        }),
        part('steam-off', 'rest', 'Drain, steam dry', elastic(2, 5, 20), hob(60), {
          hands: start(1, 'Drain, back into the warm pot'),
        }),
      ],
    }),
  ),
  sideOf(
    'pasta',
    'Pasta, boiled',
    ['pasta-thin-dry', 'pasta-thick-dry', 'pasta-fresh', 'pasta-filled-fresh', 'pasta-starter-dry'],
    (cut) => ({
      foods: [helping('pasta', cut)],
      // Water 0.7 to 1 l for 100 g, salt 7 to 10 g a litre: kitchen convention, from memory.
      mixtures: [
        mixture(
          'water',
          'Pasta water',
          'sauce',
          [line('water', '4000 ml'), line('salt-fine-table', '32 g')],
          { on: ['pasta'], basis: { kind: 'perWeight', baselineG: 500 }, touchesRaw: false },
        ),
      ],
      parts: [
        waterOn(4000, 'Salted water on, lid on'),
        part('cook', 'boil', 'Boil', minutesOf(cut.id, 'boilMin'), hob(100), {
          hands: start(1, 'In, stir once'),
          after: after(15, 'water'),
          doneWhen: { text: 'a firm middle' },
        }),
        part('drain', 'serve', 'Drain', fixed(2), hob(60), {
          hands: all('Keep a cup of the water, drain'),
          after: after(1, 'cook'),
        }),
      ],
      readyWithinMin: 5,
    }),
  ),
  sideOf(
    'grains',
    'Lentils and grains, simmered',
    [
      'lentils-green-dry',
      'lentils-red-dry',
      'quinoa-dry',
      'bulgur-dry',
      'polenta-dry',
      'rice-as-main-dry',
    ],
    (cut) => ({
      foods: [helping('grain', cut)],
      mixtures: [],
      parts: [
        part('rinse', 'prepare', 'Weigh and rinse', fixed(4), board, {
          hands: all('Weigh, rinse'),
          after: [],
        }),
        waterOn(1500),
        part('cook', 'simmer', 'Simmer', minutesOf(cut.id, 'boilMin'), hob(95), {
          hands: [...start(2, 'In, stir'), every(STIRRED.has(cut.id) ? 5 : 10, 1, 'Stir')],
          after: [...after(undefined, 'rinse'), ...after(15, 'water')],
          doneWhen: { text: 'soft' },
        }),
        part('rest', 'rest', 'Stand, lid on', elastic(2, 5, 30), hob(70), {
          hands: start(1, 'Season, lid on'),
        }),
      ],
    }),
  ),
  sideOf('couscous', 'Couscous, steeped', ['couscous-dry'], (cut) => ({
    foods: [helping('couscous', cut)],
    mixtures: [],
    parts: [
      waterOn(800, 'Water on, salted'),
      part(
        'steep',
        'rest',
        'Steep, covered',
        elastic(cut.restMin?.least ?? 5, cut.restMin?.most ?? 5, 20),
        board,
        {
          hands: start(2, 'As much boiling water on as couscous by weight, and half again; cover'),
          after: after(3, 'water'),
        },
      ),
      part('fluff', 'serve', 'Fork and butter', fixed(2), board, {
        hands: all('Fork it loose, butter in'),
      }),
    ],
    readyWithinMin: 15,
  })),
  sideOf(
    'beans',
    'Dry beans, boiled then simmered',
    ['kidney-beans-dry', 'chickpeas-dry'],
    (cut) => ({
      foods: [helping('beans', cut)],
      mixtures: [],
      parts: [
        part('soak', 'soak', 'Soak', elastic(8 * H, 12 * H, 18 * H), fridge, {
          hands: start(3, 'Plenty of cold water on'),
          after: [],
        }),
        part('boil', 'boil', 'Boil hard', boilOf(cut.id), hob(100), {
          hands: start(4, 'Fresh water, a hard boil all the while'),
          after: after(60, 'soak'),
        }),
        part('simmer', 'simmer', 'Simmer', minutesOf(cut.id, 'boilMin'), hob(95), {
          hands: [every(20, 1, 'Look at the level')],
          after: after(5, 'boil'),
          doneWhen: { text: 'soft all through' },
        }),
        part('hold', 'hold', 'Keep warm in the liquor', elastic(5, 20, 90), hob(80), {
          hands: start(1, 'Low, lid on'),
        }),
      ],
      readyWithinMin: 30,
    }),
  ),
];

/** Kidney beans boil as long as is advised to be rid of their poison; others only to be skimmed. */
function boilOf(cut: string): ReturnType<typeof range> {
  return cut.startsWith('kidney-beans') ? range(30, 32, 35) : range(12, 14, 16);
}
