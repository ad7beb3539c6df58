import { aboutMinutes, showMinutes, type QuickerCook, type Sooner } from '@zemrin/core';
import { useWords } from '../../words/words.ts';

/** Less than this nobody tastes: a share, and °C at the surface. */
const TASTED = 0.01;
const SEEN_C = 5;

/** Each way with what it saves, and what it costs the food. */
export function QuickerList({ found }: { found: readonly QuickerCook[] }) {
  const t = useWords();
  const time = (minutes: number) => showMinutes(aboutMinutes(minutes));
  const wayWords = (way: Sooner) =>
    way.do === 'hotter' ? t('quicker.hotter', { byC: way.byC }) : t(`quicker.${way.do}`);
  const price = ({ tenderer, drier, crustC }: QuickerCook): string => {
    const share = (value: number) => ({ share: Math.round(Math.abs(value) * 100) });
    const said = [
      Math.abs(tenderer) >= TASTED && t(tenderer > 0 ? 'quicker.tenderer' : 'quicker.tougher'),
      Math.abs(drier) >= TASTED && t(drier > 0 ? 'quicker.drier' : 'quicker.juicier', share(drier)),
      Math.abs(crustC) >= SEEN_C && t(crustC > 0 ? 'quicker.crust' : 'quicker.pale'),
    ].filter((one) => one !== false);
    return said.length > 0 ? said.join(', ') : t('quicker.same');
  };
  if (found.length === 0) return <p className="mt-2">{t('quicker.none')}</p>;
  return (
    <>
      {!found.some(({ enough }) => enough) && <p className="mt-2">{t('quicker.notSo')}</p>}
      <ul className="mt-2 max-w-xl divide-y divide-line" aria-label={t('heat.quicker')}>
        {found.map((one) => (
          <li
            key={one.ways.map(wayWords).join()}
            className="grid gap-x-4 py-2 sm:grid-cols-[1fr_auto]"
          >
            <span className="font-semibold">{one.ways.map(wayWords).join('; ')}</span>
            <strong className="whitespace-nowrap">
              {t('by.less', { span: time(one.savedMin) })}
            </strong>
            <span className="text-[15px] text-muted sm:col-span-2">{price(one)}</span>
          </li>
        ))}
      </ul>
    </>
  );
}
