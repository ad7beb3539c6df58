import {
  coreAt,
  pointAt,
  showMinutes,
  showTemperature,
  type Cook,
  type Ensemble,
  type Kitchen,
} from '@zemrin/core';
import { useWords } from '../../words/words.ts';

const ROWS = 12;

/** The curve as a table: the same numbers for whoever cannot see it. */
export function Numbers(props: {
  cook: Cook;
  band?: Ensemble | undefined;
  shares: readonly number[];
  units: Kitchen['units'];
}) {
  const { cook, band } = props;
  const shown = (tempC: number) => showTemperature(tempC, props.units);
  const t = useWords();
  const rows = Array.from({ length: ROWS + 1 }, (_unused, i) => (cook.minutes * i) / ROWS);
  const at = (values: readonly number[], minute: number) =>
    band
      ? coreAt({ minute: Float64Array.from(band.minute), coreC: Float64Array.from(values) }, minute)
      : NaN;
  return (
    <details className="mt-1">
      <summary className="cursor-pointer py-2 font-semibold">{t('heat.table')}</summary>
      <div className="overflow-x-auto">
        <table aria-label={t('heat.table')} className="w-full max-w-[560px] text-left">
          <thead className="text-sm text-muted">
            <tr>
              <th scope="col">{t('heat.after')}</th>
              <th scope="col">{t('heat.middle')}</th>
              <th scope="col">{t('heat.eight')}</th>
              <th scope="col">{t('heat.surface')}</th>
              {props.shares.length > 0 && <th scope="col">{t('heat.safeShare')}</th>}
            </tr>
          </thead>
          <tbody>
            {rows.map((minute) => {
              const point = pointAt(cook, minute);
              return (
                <tr key={minute} className="border-t border-line">
                  <th scope="row" className="py-1 font-normal">
                    {showMinutes(Math.round(minute))}
                  </th>
                  <td className="font-semibold">{shown(cook.coreC[point] ?? 0)}</td>
                  <td>
                    {band
                      ? t('heat.between', {
                          least: shown(at(band.leastC, minute)),
                          most: shown(at(band.mostC, minute)),
                        })
                      : ''}
                  </td>
                  <td>{shown(cook.surfaceC[point] ?? 0)}</td>
                  {props.shares.length > 0 && (
                    <td>{Math.floor((props.shares[point] ?? 0) * 100)} %</td>
                  )}
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
    </details>
  );
}
