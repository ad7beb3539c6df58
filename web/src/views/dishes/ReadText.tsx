import {
  likelyMend,
  showMinutes,
  showTemperature,
  type Kitchen,
  type ReadAct,
  type ReadLine,
  type ReadMend,
  type ReadRecipe,
} from '@zemrin/core';
import { Fragment } from 'react';
import { useWords, type Say } from '../../words/words.ts';

/** The pasted text line by line: understood words lit, lines that were not understood marked. */
export function ReadText(props: {
  read: ReadRecipe;
  lit: number | undefined;
  onLight: (act: number | undefined) => void;
  kitchen: Kitchen;
  onMend: (line: number, mend: ReadMend) => void;
  /** A sentence of the method is to be read in its other way. */
  onRather: (sentence: number) => void;
}) {
  const { read, lit, onLight, kitchen, onMend, onRather } = props;
  const t = useWords();
  const mends = read.lines.map((_line, i) => likelyMend(read, i, kitchen.spoons));
  const firstMend = mends.findIndex((mend) => mend !== undefined);
  const firstOther = read.lines.findIndex(({ other }) => other !== undefined);
  return (
    <ol aria-label={t('dishes.left')} className="mt-3 text-[15px] leading-snug">
      {read.lines.map((line, i) => {
        const [act] = line.acts;
        const chosen = lit !== undefined && line.acts.includes(lit);
        return (
          <li
            key={`${line.text} ${i}`}
            className={`border-l-4 py-0.5 pl-2 ${line.part === 'unread' || line.lost ? 'border-clash' : chosen ? 'border-now bg-warm' : 'border-transparent'} ${line.part === 'fact' || line.part === 'title' ? 'text-muted' : ''}`}
            onPointerEnter={() => onLight(act)}
            onPointerLeave={() => onLight(undefined)}
          >
            <Lit line={line} />
            {line.part === 'unread' && (
              <span className="ml-2 text-[13px] font-semibold text-clash">
                {t('dishes.unread')}
              </span>
            )}
            {line.lost && line.part !== 'unread' && (
              <span className="ml-2 text-[13px] font-semibold text-clash">
                {t(line.contradicted ? 'dishes.contradicted' : 'dishes.lost')}
              </span>
            )}
            {line.guessed && line.part !== 'unread' && (
              <span className="ml-2 text-[13px] text-muted">{t('dishes.guessed')}</span>
            )}
            <MendButton
              mend={mends[i]}
              units={kitchen.units}
              keyed={i === firstMend}
              onMend={(mend) => onMend(i, mend)}
            />
            {line.other && line.sentence !== undefined && (
              <OtherButton
                acts={line.other}
                units={kitchen.units}
                keyed={i === firstOther}
                onRather={() => onRather(line.sentence ?? 0)}
              />
            )}
          </li>
        );
      })}
    </ol>
  );
}

const SMALL_BUTTON =
  'mt-1 flex min-h-[40px] items-center gap-2 rounded-lg border border-line bg-panel px-3 text-left text-[14px] hover:border-ink';

/** What a line that was not understood most likely means, taken with one key. */
function MendButton(props: {
  mend: ReadMend | undefined;
  units: Kitchen['units'];
  keyed: boolean;
  onMend: (mend: ReadMend) => void;
}) {
  const t = useWords();
  const { mend, units, keyed, onMend } = props;
  if (!mend) return null;
  return (
    <button
      type="button"
      className={SMALL_BUTTON}
      {...(keyed && { 'data-key': 'm' })}
      onClick={() => onMend(mend)}
    >
      {saidMend(mend, units, t)} {keyed && <span className="key">m</span>}
    </button>
  );
}

function saidMend(mend: ReadMend, units: Kitchen['units'], t: Say): string {
  switch (mend.kind) {
    case 'time':
      return t('dishes.mend.time', {
        time: showMinutes(mend.minutes),
        verb: t(`verb.${mend.verb}`),
      });
    case 'heat':
      return t('dishes.mend.heat', {
        temp: showTemperature(mend.tempC, units),
        verb: t(`verb.${mend.verb}`),
      });
    case 'core':
      return t('dishes.mend.core', {
        temp: showTemperature(mend.coreC, units),
        verb: t(`verb.${mend.verb}`),
      });
    case 'ingredient':
      return t('dishes.mend.ingredient', { name: mend.ingredient.name });
    case 'step':
      return mend.minutes === undefined
        ? t('dishes.mend.step', { verb: t(`verb.${mend.verb}`) })
        : t('dishes.mend.stepTime', {
            verb: t(`verb.${mend.verb}`),
            time: showMinutes(mend.minutes),
          });
  }
}

/** The other way a guessed sentence may be meant, taken with one key. */
function OtherButton(props: {
  acts: readonly ReadAct[];
  units: Kitchen['units'];
  keyed: boolean;
  onRather: () => void;
}) {
  const t = useWords();
  const { acts, units, keyed, onRather } = props;
  const what = acts.map((act) => saidAct(act, units, t)).join('; ');
  return (
    <button
      type="button"
      className={SMALL_BUTTON}
      {...(keyed && { 'data-key': 'o' })}
      onClick={onRather}
    >
      {t('dishes.rather', { what })} {keyed && <span className="key">o</span>}
    </button>
  );
}

/** "roast 20 min at 180°, until 63°". */
function saidAct(
  { verb, leastMin, likelyMin, mostMin, tempC, untilC }: ReadAct,
  units: Kitchen['units'],
  t: Say,
): string {
  const from = leastMin ?? likelyMin ?? mostMin;
  const to = mostMin ?? likelyMin ?? leastMin;
  const length =
    from === undefined || to === undefined
      ? ''
      : from === to
        ? ` ${showMinutes(from)}`
        : ` ${t('dishes.was.to', { least: showMinutes(from), most: showMinutes(to) })}`;
  const heat =
    tempC === undefined ? '' : ` ${t('dishes.saidAt', { temp: showTemperature(tempC, units) })}`;
  const core =
    untilC === undefined
      ? ''
      : ` ${t('dishes.saidUntil', { temp: showTemperature(untilC, units) })}`;
  return `${t(`verb.${verb}`)}${length}${heat}${core}`;
}

/** A line with its understood words underlined. */
function Lit({ line }: { line: ReadLine }) {
  if (line.part !== 'method') return <>{line.text}</>;
  const spans = [...line.lit]
    .filter(([from, to]) => to > from)
    .sort((a, b) => a[0] - b[0])
    .reduce<Array<readonly [number, number]>>((kept, span) => {
      const last = kept.at(-1);
      return last && span[0] < last[1] ? kept : [...kept, span];
    }, []);
  const ends = [0, ...spans.map(([, to]) => to)];
  return (
    <>
      {spans.map(([from, to], i) => (
        <Fragment key={from}>
          {line.text.slice(ends[i], from)}
          <mark className="bg-transparent font-semibold text-ink underline decoration-2">
            {line.text.slice(from, to)}
          </mark>
        </Fragment>
      ))}
      {line.text.slice(ends.at(-1))}
    </>
  );
}
