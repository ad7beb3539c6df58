import { handsBetween, jobsOf, placeOf, showMinutes, type Axis, type Plan } from '@zemrin/core';
import { useWords } from '../../../words/words.ts';
import { LEFT } from '../layout.ts';

export const STRIP = 56;

/** The cook's one pair of hands along the same axis; what it is wanted for twice is ringed. */
export function HandsStrip(props: { plan: Plan; axis: Axis; plotPx: number; top: number }) {
  const t = useWords();
  const { plan, axis, plotPx, top } = props;
  const px = (min: number) => placeOf(axis, min) * plotPx;
  const jobs = jobsOf(plan);
  const total = handsBetween(jobs, -Infinity, Infinity);
  const clashes = plan.clashes.filter((clash) => clash.kind === 'hands');
  return (
    <>
      <span
        aria-hidden="true"
        className="absolute h-px bg-line"
        style={{ left: 0, top, width: LEFT + plotPx }}
      />
      <div className="absolute" style={{ left: 0, top: top + 10, width: LEFT - 22 }}>
        <h2 className="text-[16px]">{t('weave.yourHands')}</h2>
        <p className="truncate text-sm text-muted">
          {t('weave.handsTotal', { span: showMinutes(total) })}
          {clashes.length > 0 && (
            <span className="text-clash">, {t('weave.clashes', { count: clashes.length })}</span>
          )}
        </p>
      </div>
      {jobs.map((job) => (
        <span
          key={`${job.what}-${job.startMin}`}
          title={job.who === undefined ? job.what : `${job.who}: ${job.what}`}
          aria-hidden="true"
          className={`slides absolute h-[18px] rounded-[5px] ${job.who === undefined ? 'bg-ink' : 'border-2 border-ink bg-panel'}`}
          style={{
            left: LEFT + px(job.startMin),
            top: top + 18,
            width: Math.max(5, px(job.endMin) - px(job.startMin)),
          }}
        />
      ))}
      {clashes.map((clash) => {
        const width = Math.max(14, px(clash.endMin) - px(clash.atMin) + 10);
        return (
          <span
            key={`${clash.atMin}-${clash.steps.join()}`}
            aria-hidden="true"
            className="absolute h-[30px] rounded-lg border-3 border-clash"
            style={{ left: LEFT + px(clash.atMin) - 5, top: top + 12, width }}
          />
        );
      })}
    </>
  );
}
