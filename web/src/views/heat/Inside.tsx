import { showMinutes, showTemperature, type Kitchen, type Reached } from '@zemrin/core';
import { unbroken } from '../../words/unbroken.ts';
import { useWords } from '../../words/words.ts';

/** What heat does to this food on its way, and when. */
export function Inside({
  changes,
  units,
}: {
  changes: readonly Reached[];
  units: Kitchen['units'];
}) {
  const t = useWords();
  const time = (minutes: number) => unbroken(showMinutes(Math.round(minutes)));
  const temp = (tempC: number) => showTemperature(tempC, units);
  return (
    <details className="mt-2">
      <summary className="cursor-pointer py-2 font-semibold">{t('heat.inside')}</summary>
      <div className="overflow-x-auto">
        <table aria-label={t('heat.inside')} className="w-full max-w-[640px] text-left">
          <thead className="text-sm text-muted">
            <tr>
              <th scope="col">{t('heat.at')}</th>
              <th scope="col">{t('heat.what')}</th>
              <th scope="col">{t('heat.reached')}</th>
            </tr>
          </thead>
          <tbody>
            {changes.map(({ what, where, fromC, toC, beginsMin, overMin }) => (
              <tr key={what} className="border-t border-line align-top">
                <th scope="row" className="py-1 pr-3 font-normal whitespace-nowrap">
                  {toC === undefined
                    ? t('heat.from', { from: temp(fromC) })
                    : t('heat.between', { least: temp(fromC), most: temp(toC) })}
                </th>
                <td className="py-1 pr-3">
                  {t(`byHeat.${what}`)}
                  {where === 'surface' && <span className="text-muted"> ({t('heat.atEdge')})</span>}
                </td>
                <td className={`py-1 ${beginsMin === undefined ? 'text-muted' : ''}`}>
                  {beginsMin === undefined
                    ? t('heat.notHere')
                    : overMin === undefined
                      ? t('heat.since', { from: time(beginsMin) })
                      : t('heat.fromTo', {
                          from: time(beginsMin),
                          to: time(overMin),
                        })}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="mt-2 text-sm text-muted">{t('heat.insideSource')}</p>
    </details>
  );
}
