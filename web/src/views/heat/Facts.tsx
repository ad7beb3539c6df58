import {
  aboutMinutes,
  cookedMinutes,
  showDepth,
  showMinutes,
  showTemperature,
  showWeight,
  tenderAt,
  type Afterwards,
  type Change,
  type Cook,
  type CookSpec,
  type DraftCook,
  type Kitchen,
  type Lethality,
  type OnThePlate,
} from '@zemrin/core';
import type { ReactNode } from 'react';
import { Choice } from '../../ui/Choice.tsx';
import { useWords } from '../../words/words.ts';

interface FactsProps {
  readonly spec: DraftCook;
  readonly cook: Cook;
  readonly safe: Lethality | undefined;
  readonly after?: Afterwards | undefined;
  readonly likely: number;
  readonly other?:
    | {
        readonly change: Change;
        readonly spec: CookSpec;
        readonly cook: Cook;
      }
    | undefined;
  readonly possible: readonly Change[];
  readonly onBeside: (change: Change | undefined) => void;
  readonly units: Kitchen['units'];
  readonly changed: boolean;
  /** Left out where it is in no plan. */
  readonly onUse?: (() => void) | undefined;
  readonly onReset: () => void;
}

/** What the cook comes to: tender, lost, carried over, held, safe; another way beside it; into the plan. */
export function Facts(props: FactsProps) {
  const t = useWords();
  const { spec, cook, after, safe, units, other, likely } = props;
  const time = (minutes: number) => showMinutes(aboutMinutes(minutes));
  const timeOrNot = (minutes: number | undefined) =>
    minutes === undefined ? t('heat.notYet') : time(minutes);
  const lost = cook.evaporated + cook.dripped;
  const tender = tenderAt(cook);
  const isPlant = spec.piece.cut.animal === 'none';
  return (
    <aside className="shrink-0 bg-panel p-5 lg:sticky lg:top-0 lg:h-screen lg:w-[264px] lg:overflow-y-auto">
      {tender.told && (
        <Group title={t(isPlant ? 'heat.soft' : 'heat.tender')}>
          <Fact
            name={t(isPlant ? 'heat.knife' : 'heat.slices')}
            value={timeOrNot(tender.slicesMin)}
          />
          <Fact name={t(isPlant ? 'heat.mash' : 'heat.pulls')} value={timeOrNot(tender.pullsMin)} />
          <p className="mt-1 text-sm text-muted">{t(isPlant ? 'heat.colour' : 'heat.fork')}</p>
        </Group>
      )}
      <Group title={t('heat.loses')}>
        <Fact name={t('heat.water')} value={`${Math.round(lost * 100)} %`} />
        <Fact name={t('heat.left')} value={showWeight(spec.piece.weightG * (1 - lost), units)} />
      </Group>
      {after && (
        <>
          <Off after={after} units={units} />
          {after.plate && <Plate plate={after.plate} units={units} />}
          <Group title={t('heat.holds')}>
            {after.holds.map(({ place, hotMin }) => (
              <Fact
                key={place}
                name={t(`hold.${place}`)}
                value={hotMin >= DAY_MIN ? t('heat.allDay') : time(hotMin)}
              />
            ))}
            <p className="mt-1 text-sm text-muted">
              {t('heat.holdSafe', { span: time(after.holds[0]?.safeMin ?? 0) })}
            </p>
          </Group>
        </>
      )}
      {safe && (
        <Group title={t('heat.safe')}>
          <Fact
            name={t('heat.logs', { logs: safe.logs >= 30 ? '30+' : safe.logs.toFixed(1) })}
            value={timeOrNot(safe.enoughAtMin)}
          />
          <p className="mt-1 text-sm text-muted">{t('heat.safeNote', { logs: safe.wanted })}</p>
        </Group>
      )}
      <Group title={t('heat.beside')}>
        <Choice
          label={t('heat.besideWhat')}
          hideLabel
          value={other?.change ?? 'none'}
          options={[
            ['none', t('heat.besideNone')],
            ...props.possible.map((change) => [change, t(`if.${change}`)] as const),
          ]}
          onChoose={(change) => props.onBeside(change === 'none' ? undefined : change)}
        />
        {other && (
          <>
            <Fact name={t('heat.this')} value={time(likely)} />
            <Fact name={t('heat.that')} value={time(cookedMinutes(other.spec, other.cook))} />
          </>
        )}
      </Group>
      <div className="sticky bottom-0 -mx-5 -mb-5 border-t border-line bg-panel p-4">
        {props.onUse && (
          <button
            type="button"
            data-key="u"
            aria-keyshortcuts="u"
            className="btn btn-main w-full justify-between"
            onClick={props.onUse}
          >
            {t('heat.use')} <span className="key">u</span>
          </button>
        )}
        {props.changed && (
          <button type="button" className="btn btn-quiet mt-1 w-full" onClick={props.onReset}>
            {t('heat.reset')}
          </button>
        )}
      </div>
    </aside>
  );
}

/** As it is taken off, at its warmest, and when its rest is over. */
function Off({ after, units }: { after: Afterwards; units: Kitchen['units'] }) {
  const t = useWords();
  const time = (minutes: number) => showMinutes(aboutMinutes(minutes));
  return (
    <Group title={t('heat.off')}>
      <Fact name={t('heat.pull')} value={showTemperature(after.pullC, units)} />
      <Fact
        name={t('heat.peak', { span: time(after.peakAfterMin) })}
        value={showTemperature(after.peakC, units)}
      />
      <Fact
        name={t('heat.rested', { span: time(after.restMin) })}
        value={showTemperature(after.restedC, units)}
      />
    </Group>
  );
}

/** Carved or served in its piece, on a plate as it comes and on a warmed one. */
function Plate({ plate, units }: { plate: OnThePlate; units: Kitchen['units'] }) {
  const t = useWords();
  const { sliceMm, coldPlateMin, warmedPlateMin } = plate;
  const time = (minutes: number) => showMinutes(Math.max(1, Math.round(minutes)));
  return (
    <Group
      title={
        sliceMm === undefined
          ? t('heat.served')
          : t('heat.carved', { length: showDepth(sliceMm, units) })
      }
    >
      <Fact name={t('heat.coldPlate')} value={time(coldPlateMin)} />
      <Fact name={t('heat.warmedPlate')} value={time(warmedPlateMin)} />
    </Group>
  );
}

const DAY_MIN = 24 * 60;

function Group({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="mb-3.5">
      <h2 className="text-sm font-normal text-muted">{title}</h2>
      {children}
    </section>
  );
}

function Fact({ name, value }: { name: string; value: string }) {
  return (
    <p className="flex justify-between gap-2 border-b border-line py-1.5">
      <span>{name}</span>
      <strong className="whitespace-nowrap">{value}</strong>
    </p>
  );
}
