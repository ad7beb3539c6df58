import { Search, SunMoon, Undo2, Redo2, type LucideIcon } from 'lucide-react';
import { lazy, Suspense, useState, type ReactNode } from 'react';
import { Link, useLocation } from 'react-router';
import { own } from '../store/own.ts';
import { runOnNow } from '../store/runs.ts';
import { useAppSelector } from '../store/store.ts';
import { useWords } from '../words/words.ts';
import { useKeys, type Overlay } from './keys.ts';
import { StorageBanner } from './StorageBanner.tsx';
import { addressOf, readAddress } from './routes.ts';
import { NUMBERED, type NumberedView } from './views.tsx';
import { toggleTheme } from './theme.ts';
import { useHistory } from './useHistory.ts';

const Palette = lazy(() => import('./Palette.tsx'));
const KeySheet = lazy(() => import('./KeySheet.tsx'));

/** What stands around every view: the way to the others, undo, and the keys. */
export function Shell({ children }: { children: ReactNode }) {
  const t = useWords();
  const [overlay, setOverlay] = useState<Overlay>('none');
  const { pathname } = useLocation();
  const here = readAddress(pathname);
  const known = useAppSelector(
    (state) => here.meal !== undefined && own(state.library.meals, here.meal) !== undefined,
  );
  const lastMeal = useAppSelector((state) => Object.keys(state.library.meals).at(-1));
  const meal = known ? here.meal : lastMeal;
  const cooking = useAppSelector(({ runs }) => runOnNow(runs));
  const history = useHistory();
  useKeys({ meal, setOverlay, history });

  return (
    <div className="flex h-full flex-col-reverse md:flex-row">
      <a
        href="#page"
        className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-panel focus:p-3"
      >
        {t('app.skip')}
      </a>
      <nav
        aria-label={t('nav.main')}
        className="flex shrink-0 items-stretch justify-around bg-rail text-rail-ink md:w-[68px] md:flex-col md:justify-start md:gap-0.5 md:px-1 md:py-2"
      >
        {/* On a phone the views scroll, and undo stays within reach of a thumb. */}
        <div className="flex min-w-0 grow overflow-x-auto md:contents">
          {NUMBERED.map((view) => (
            <RailLink
              key={view.name}
              view={view}
              current={here.view === view.name}
              to={addressOf(view.name, (view.name === 'cook' && cooking) || meal)}
              first={view.name === 'cook' && cooking !== undefined}
              disabled={view.name !== 'meals' && meal === undefined}
            />
          ))}
        </div>
        <span className="hidden grow md:block" />
        <RailButton
          label={t('app.undo')}
          icon={Undo2}
          onClick={history.undo}
          disabled={!history.canUndo}
        />
        <RailButton
          label={t('app.redo')}
          icon={Redo2}
          onClick={history.redo}
          disabled={!history.canRedo}
          wide={!history.canRedo}
        />
        <RailButton
          label={t('app.find')}
          icon={Search}
          onClick={() => setOverlay('palette')}
          wide
        />
        <RailButton label={t('app.theme')} icon={SunMoon} onClick={toggleTheme} wide />
        <RailButton label={t('app.keys')} text="?" onClick={() => setOverlay('keys')} wide />
      </nav>
      <div id="page" className="min-h-0 min-w-0 relative grow overflow-auto">
        <StorageBanner />
        {children}
      </div>
      <Suspense fallback={null}>
        {overlay === 'palette' && <Palette onClose={() => setOverlay('none')} />}
        {overlay === 'keys' && <KeySheet onClose={() => setOverlay('none')} />}
      </Suspense>
    </div>
  );
}

function RailLink(props: {
  view: NumberedView;
  to: string;
  current: boolean;
  disabled: boolean;
  first: boolean;
}) {
  const t = useWords();
  const Icon = props.view.icon;
  const look =
    'flex min-h-[52px] min-w-[50px] grow shrink-0 md:min-w-[54px] md:grow-0 flex-col items-center justify-center gap-0.5 rounded-lg px-1 text-[12px] md:min-h-[49px] md:text-[13px]';
  const label = t(props.view.label);
  if (props.disabled) {
    return (
      <span aria-disabled="true" className={`${look} opacity-45`}>
        <Icon size={18} aria-hidden="true" />
        {label}
      </span>
    );
  }
  return (
    <Link
      to={props.to}
      aria-current={props.current ? 'page' : undefined}
      aria-keyshortcuts={props.view.key}
      className={`${look} ${props.first ? 'order-first md:order-none' : ''} ${props.current ? 'bg-ground font-semibold text-ink' : 'hover:bg-white/10'}`}
    >
      <Icon size={18} aria-hidden="true" />
      {label}
    </Link>
  );
}

function RailButton(props: {
  label: string;
  icon?: LucideIcon;
  text?: string;
  onClick: () => void;
  disabled?: boolean;
  /** Only where there is room for it. */
  wide?: boolean;
}) {
  const Icon = props.icon;
  return (
    <button
      type="button"
      onClick={props.onClick}
      disabled={props.disabled}
      aria-label={props.label}
      title={props.label}
      className={`${props.wide ? 'hidden md:flex' : 'flex'} min-h-[44px] min-w-[44px] items-center justify-center rounded-lg hover:bg-white/10 disabled:opacity-35`}
    >
      {Icon ? (
        <Icon size={19} aria-hidden="true" />
      ) : (
        <span className="text-lg font-semibold">{props.text}</span>
      )}
    </button>
  );
}
