import { describe, expect, it } from 'vitest';
import { draftDish, readRecipe } from './index.ts';

/** What is done in a text: its verb, how many minutes, how hot, to which core. */
const done = (text: string) =>
  readRecipe(text).acts.map(({ verb, likelyMin, tempC, untilC }) =>
    [verb, likelyMin ?? '-', tempC === undefined ? '' : `@${tempC}`, untilC ? `core ${untilC}` : '']
      .join(' ')
      .trimEnd(),
  );

describe('a timetable', () => {
  it('of a roast goes on from line to line, be it past noon', () => {
    const text = `Sunday lunch

Rib of beef 2.5 kg
1 kg potatoes

9.30  beef out of the fridge
10.45 oven on, 240
11.15 beef in
11.35 turn down to 160
12.15 potatoes on to boil, 8 minutes
12.30 potatoes into the hot fat
1.10 beef out, rest under foil
1.50 carve`;
    expect(done(text)).toEqual([
      'temper 105',
      'preheat - @240',
      'roast 20 @240',
      'roast 95 @160',
      'boil 8',
      'roast 80 @160',
      'rest 40',
      'slice -',
    ]);
  });

  it('has what goes in later beside what is in there', () => {
    const text = `Lunch

Rib of beef 2.5 kg
1 kg potatoes

10.45 oven on, 160
11.15 beef in
12.15 potatoes on to boil, 8 minutes
12.30 potatoes in
1.10 beef out, rest under foil
1.50 carve`;
    const { steps } = draftDish(readRecipe(text)).dish;
    const after = steps.map((step) => [step.verb, step.after.map((gap) => gap.step)]);
    expect(after).toEqual([
      ['preheat', []],
      ['roast', ['lunch-preheat']],
      ['boil', []],
      ['roast', ['lunch-boil']],
      ['rest', ['lunch-roast', 'lunch-roast-2']],
      ['slice', ['lunch-rest']],
    ]);
  });

  it('of a smoker has its wrap, its cores and its rest', () => {
    const text = `Pulled pork

Pork shoulder 3.2 kg

5:40 smoker lit, aiming for 110
6:20 pork on at 110
9:00 internal 54, spritzed
11:30 wrapped at 71 internal
15:10 off at 94, probe like butter
16:30 pulled it`;
    expect(done(text)).toEqual([
      'preheat - @110',
      'smoke 310 @110 core 71',
      'smoke 220 @110 core 94',
      'rest 80',
      'shred -',
    ]);
  });

  it('goes past midnight and from day to day', () => {
    const text = `Weekend beans

400 g beans
1 kg beef shin

Fri 22:00 soak the beans
Sat 08:00 drain the beans
Sat 09:00 simmer the beef
Sat 12:30 beef out`;
    expect(done(text).slice(0, 1)).toEqual(['soak 600']);
    expect(done(text)).toContain('simmer 210');
  });

  it('shows each line as it stands, understood or not', () => {
    const text = `Dinner

1 chicken, 1.6 kg

16.45 oven on at 190
17.15 chicken in
18.30 chicken out
18.50 tell the neighbours`;
    const lines = readRecipe(text).lines.map((line) => line.text);
    expect(lines).toEqual(
      expect.arrayContaining([
        'oven on at 190',
        'chicken in',
        'chicken out',
        'tell the neighbours',
      ]),
    );
    expect(readRecipe(text).unread).toEqual(['tell the neighbours']);
  });
});
