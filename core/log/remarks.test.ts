import { describe, expect, it } from 'vitest';
import { remarksIn, type Remark } from '../index.ts';

/** Notes as cooks write them, and what they ask for next time; by hand, verdicts first. */
const NOTES: ReadonlyArray<readonly [string, string]> = [
  ['three spoons of chilli: too strong, two', 'amount 3>2'],
  ['Needed 40 minutes more', 'minutes more 40'],
  ['carry-over was only 2°', 'carryOver 2'],
  ['the sauce was late', 'late -'],
  ['Too salty.', 'taste salt less'],
  ['bland, needs more salt', 'taste salt more'],
  ['A bit too spicy for the kids', 'taste heat less'],
  ['the glaze was too sweet', 'taste sweet less'],
  ['could use more lime', 'taste acid more'],
  ['Use 10 g of salt next time instead of 13', 'amount 13>10'],
  ['2 tbsp honey is enough', 'amount ->2'],
  ['the bread was ready 20 minutes too early', 'early 20'],
  ['Duck came 15 min late', 'late 15'],
  ['a bit dry', 'done dry'],
  ['meat was tough and chewy', 'done tough'],
  ['still raw in the middle', 'done raw'],
  ['the skin was flabby and pale', 'done pale'],
  ['burnt at the edges', 'done burnt'],
  ['we ran out', 'portion more'],
  ['far too much food, half of it left', 'portion less'],
  ['smoke 30 minutes less', 'minutes less 30'],
  ['took an hour longer than planned', 'minutes more 60'],
  ['20 minutes too long in the oven', 'minutes less 20'],
  ['everyone loved it', 'none'],
  ['Windy evening, coals were slow', 'none'],
  ['not dry at all', 'none'],
  ['guests came at eight', 'none'],
  ['half as much garlic next time', 'taste ? less'],
  ['Go easy on the turmeric', 'taste ? less'],
  ['double the glaze', 'taste ? more'],
  ['only four cloves of garlic', 'amount ->4'],
  ['six cloves instead of four', 'amount 4>6'],
  ['Rested 10 minutes longer than it needed', 'minutes less 10'],
  ['should have started the rice 10 minutes earlier', 'late 10'],
  ['It was cold when we ate', 'early -'],
  ['not enough heat in the paste', 'taste heat more'],
  ['went up just 3 degrees after: carry over 3 C', 'carryOver 3'],
  ['the lamb wanted another half hour', 'minutes more 30'],
  ['another 25 min would have been good', 'minutes more 25'],
  ['oversalted', 'taste salt less'],
  ['perfect', 'none'],
  ['too much cumin', 'taste ? less'],
  ['more thyme', 'taste ? more'],
  ['1 tsp of allspice was too much, use 1/2', 'amount 1>0.5'],
  ['Nobody was late', 'none'],
  ['Salt was a touch high', 'taste salt less'],
  ['4 tsp of paprika came through too strongly - 3 would be plenty', 'amount 4>3'],
  ['try 300 ml stock', 'amount ->300'],
  ['Braise could have gone another 45 minutes', 'minutes more 45'],
  ['oven part 15 min too short', 'minutes more 15'],
  ['We sat down 25 minutes late because of the lamb', 'late 25'],
  ['put the potatoes in ten minutes sooner', 'late 10'],
  ['chops overdone', 'done dry'],
  ['dry on the outside, fine inside', 'done dry'],
  ['centre was underdone', 'done raw'],
  ['no crust to speak of', 'done pale'],
  ['top got too dark', 'done burnt'],
  ['beans not tender', 'done tough'],
  ['plenty left over', 'portion less'],
  ['people were still hungry', 'portion more'],
  ['too sour for me', 'taste acid less'],
  ['needs acid', 'taste acid more'],
  ['less vinegar', 'taste acid less'],
  ['a bit flat, wants salt', 'taste salt more'],
  ['sugar: 30 g instead of 40 g', 'amount 40>30'],
  ['Marinate two hours longer', 'minutes more 120'],
  ['rest 10 min less', 'minutes less 10'],
  ['Carryover 6 degrees', 'carryOver 6'],
  ['the middle rose only by 2°C after', 'carryOver 2'],
  ['went on 20 min over', 'minutes more 20'],
  ['great crust, juicy', 'none'],
  ['Uncle brought wine', 'none'],
  ['the pan is too small', 'taste ? less'],
  ['two hours at the table, lovely', 'none'],
  ['garlic overpowering', 'taste ? less'],
  ['hardly any garlic to taste', 'taste ? more'],
  ['fewer cloves', 'taste ? less'],
  ['it was not too salty', 'none'],
  ['rice went cold waiting', 'early -'],
  ['bread done a quarter of an hour too soon', 'early 15'],
  ['take 5 cloves of garlic, not 4', 'amount 4>5'],
  ['chilli: half a spoon less', 'taste ? less'],
  ['Would do 180 degrees next time', 'none'],
  ['duck needs 2 h', 'none'],
  ['took 1 h 20 longer', 'minutes more 80'],
  ['half an hour behind', 'late 30'],
  ['could not taste the cumin', 'taste ? more'],
  ['paste needs one more clove of garlic', 'taste ? more'],
  ['brine was too strong', 'taste ? less'],
  ['smoker ran slow, 50 min longer than planned', 'minutes more 50'],
  ['pulled 3 degrees too early', 'none'],
  ['potatoes undercooked', 'done raw'],
  ['the crackling was soggy', 'done pale'],
  ['too many shallots', 'taste ? less'],
  ['onions: two were enough', 'amount ->2'],
  ['everything on time, nothing to change', 'none'],
  ['start the fire 20 minutes earlier', 'late 20'],
  ['gravy was not ready when the meat was', 'late -'],
  ['skipped the basting', 'none'],
  ['kids found it too hot', 'taste heat less'],
  ['lacks salt', 'taste salt more'],
  ['sweetness too much', 'taste sweet less'],
  ['we had half the lamb left', 'portion less'],
  ['one more portion next time', 'portion more'],
  ['chewy, give it half an hour more', 'minutes more 30'],
  ['40 min in the oven was too much', 'none'],
  ['ten minutes too many on the grill', 'minutes less 10'],
  ['the loin was dry and a bit grey', 'done dry'],
  ['1.5 tbsp vinegar instead of 2', 'amount 2>1.5'],
  ['fish was perfectly done', 'none'],
  ['not salty enough', 'taste salt more'],
  ['herbs barely noticeable', 'taste ? more'],
  ['bread was early by 15 min', 'early 15'],
  ['charred too much', 'done burnt'],
  ['carry-over: 8°, more than thought', 'carryOver 8'],
];

function told(remark: Remark | undefined): string {
  switch (remark?.kind) {
    case undefined:
      return 'none';
    case 'amount':
      return `amount ${remark.from === undefined ? '->' : `${remark.from}>`}${remark.to.value}`;
    case 'taste':
      return `taste ${remark.taste ?? '?'} ${remark.way}`;
    case 'minutes':
      return `minutes ${remark.way} ${remark.minutes}`;
    case 'carryOver':
      return `carryOver ${remark.degrees}`;
    case 'late':
    case 'early':
      return `${remark.kind} ${remark.minutes ?? '-'}`;
    case 'done':
      return `done ${remark.how}`;
    case 'portion':
      return `portion ${remark.way}`;
  }
}

describe('a note', () => {
  it.each(NOTES)('“%s” asks for %s', (note, wanted) => {
    expect(told(remarksIn(note)[0]?.remark)).toBe(wanted);
  });

  it('of several sentences asks for several things, each in its own words', () => {
    const found = remarksIn('Too salty. The lamb wanted another half hour! Lovely evening.');
    expect(found.map(({ words }) => words)).toEqual([
      'Too salty',
      'The lamb wanted another half hour',
    ]);
  });
});
