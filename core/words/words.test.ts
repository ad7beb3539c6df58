import { VERBS } from '../terms/index.ts';
import { describe, expect, it } from 'vitest';
import { coreWords, say, type Manner, type MessageKey } from './index.ts';

const at = Date.UTC(2026, 10, 28, 18, 0) / 60_000;
const paris: Manner = { zone: 'Europe/Paris', clock: '24h', units: 'metric', servingMin: at };

describe('saying what the computation has to say', () => {
  it('writes values in the cook’s own way', () => {
    const reason = { key: 'why.handsElsewhere', values: { other: 'Brown', at: { at } } } as const;
    expect(say(reason, paris)).toBe('Your hands are wanted for Brown at 19:00.');
    expect(say(reason, { ...paris, clock: '12h' })).toBe(
      'Your hands are wanted for Brown at 7:00 pm.',
    );
    const elsewhere = { ...paris, zone: 'America/New_York', servingMin: undefined };
    expect(say(reason, elsewhere)).toBe('Your hands are wanted for Brown at Sat 13:00.');
    const core = { key: 'caution.poultryCore', values: { tempC: { tempC: 73.9 } } } as const;
    expect(say(core, paris)).toContain('74°');
    expect(say(core, { ...paris, units: 'us' })).toContain('165°');
    const little = {
      key: 'batch.tooLittle',
      values: { have: { ml: 80 }, need: { ml: 1250 } },
    } as const;
    expect(say(little, paris)).toMatch(/^80 ml is too little to cover: mix about 1\.25 l/);
  });

  it('has sentences that are sentences: plain, whole, without shouting or jargon', () => {
    for (const [key, sentence] of Object.entries(coreWords) as [MessageKey, string][]) {
      const names =
        /^(place|cooker|hold|source|rescue|proposal|rule|mend|keeps|story|lists)\.|^school\.(?!.*\.why$)/;
      if (names.test(key)) continue;
      expect(sentence, key).toMatch(/[.:]$/);
      expect(sentence, key).not.toMatch(/!|constraint|node|task|resource|schedule/i);
    }
  });

  it('says what is dangerous in at most twenty words', () => {
    const words = (text: string) => text.split(/\s+/).length;
    for (const [key, text] of Object.entries(coreWords) as [MessageKey, string][]) {
      if (key.startsWith('safety.')) expect(words(text), key).toBeLessThanOrEqual(20);
      if (!key.startsWith('caution.')) continue;
      for (const sentence of text.split(/(?<=\.) /)) {
        expect(words(sentence), key).toBeLessThanOrEqual(20);
      }
    }
  });

  it('names each verb once', () => {
    expect(new Set(VERBS).size).toBe(VERBS.length);
    expect(VERBS).toContain('serve');
  });
});
