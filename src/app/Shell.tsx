import clsx from 'clsx';
import {
  BookOpen,
  CalendarRange,
  Filter,
  Hexagon,
  Keyboard,
  ListChecks,
  Menu,
  Microscope,
  PlusSquare,
  ThermometerSun,
  Warehouse,
  Wrench,
  type LucideIcon,
} from 'lucide-react';
import { Popover } from 'radix-ui';
import { Suspense, useCallback, useEffect, useState, type ReactElement } from 'react';
import { Link, NavLink, Outlet, ScrollRestoration, useNavigate, useLocation } from 'react-router';
import {
  redo,
  selectPreferences,
  selectRivals,
  selectWorkspace,
  undo,
  useAppDispatch,
  useAppSelector,
} from '../store';
import { Read } from './data/Read';
import { FRAME_KINDS } from './commands/frameKinds';
import { useCommands } from './commands/useCommands';
import { useKeyboard } from './commands/useKeyboard';
import { NoticeLine } from './ui/page/NoticeLine';
import { lazyPart } from './ui/page/lazyPart';
import { SupersededNotice } from './ui/page/SupersededNotice';
import { UpdateNotice } from './ui/page/UpdateNotice';
import { commonWords } from './words/english/common';
import { shellWords } from './words/english/shell';

const loadPalette = () => import('./commands/CommandPalette');
const CommandPalette = lazyPart(loadPalette, (module) => module.CommandPalette);
const PourAlarm = lazyPart(
  () => import('./alarm/PourAlarm'),
  (module) => module.PourAlarm,
);
const KeysSheet = lazyPart(
  () => import('./commands/KeysSheet'),
  (module) => module.KeysSheet,
);
const RivalSheet = lazyPart(
  () => import('./ui/forms/RivalSheet'),
  (module) => module.RivalSheet,
);

interface Station {
  readonly to: string;
  readonly name: string;
  readonly key: string;
  readonly mark: LucideIcon;
  /** on a narrow page it is found under “More” */
  readonly more?: true;
}

const STATIONS: readonly Station[] = [
  { to: 'today', name: shellWords.today(), key: 't', mark: ListChecks },
  { to: 'comb', name: commonWords.comb(), key: 'm', mark: Hexagon },
  { to: 'warm-room', name: commonWords.warmRoom(), key: 'w', mark: ThermometerSun, more: true },
  { to: 'strain', name: shellWords.strain(), key: 'p', mark: Filter, more: true },
  { to: 'bench', name: shellWords.bench(), key: 'i', mark: Microscope },
  { to: 'lots/new', name: commonWords.newLot(), key: 'n', mark: PlusSquare },
  { to: 'store', name: commonWords.store(), key: 'j', mark: Warehouse, more: true },
  { to: 'season', name: commonWords.season(), key: 'y', mark: CalendarRange, more: true },
  { to: 'kit', name: commonWords.settings(), key: 'k', mark: Wrench, more: true },
  { to: 'handbook', name: shellWords.handbook(), key: 'h', mark: BookOpen, more: true },
];

/** The page of a frame: what can be undone there is what was seen on frames. */
const ON_A_FRAME = /\/comb\/[^/]+\/box\//;

function useShellCommands(workspace: string, showKeys: () => void): void {
  const navigate = useNavigate();
  const dispatch = useAppDispatch();
  const go = (to: string) => () => void navigate(`/${workspace}/${to}`);
  const undoable = ON_A_FRAME.test(useLocation().pathname) ? FRAME_KINDS : undefined;
  useCommands([
    ...STATIONS.map(({ to, name, key }) => ({ id: to, title: name, key, run: go(to) })),
    {
      id: 'undo',
      title: shellWords.undoTheLastAct(),
      key: 'u',
      run: () => void dispatch(undo(undoable)),
    },
    {
      id: 'redo',
      title: shellWords.doTheUndoneActAgain(),
      key: 'U',
      run: () => void dispatch(redo()),
    },
    { id: 'keys', title: shellWords.showTheKeys(), key: '?', run: showKeys },
    { id: 'door', title: shellWords.backToTheStart(), run: () => void navigate('/') },
  ]);
}

const linkLook = (isActive: boolean): string =>
  clsx(
    'flex min-h-16 w-full flex-col items-center justify-center border-t-4 px-1 text-base font-semibold wide:min-h-11 wide:flex-row wide:gap-2 wide:border-t-0 wide:border-b-4 wide:px-2 wide:whitespace-nowrap',
    isActive ? 'border-lavender' : 'border-transparent hover:bg-lavender-pale',
  );

/** Stations that do not fit on a narrow page. */
function MoreStations({ workspace }: { workspace: string }): ReactElement {
  const [open, setOpen] = useState(false);
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger className={linkLook(open)}>
        <Menu aria-hidden className="size-6" />
        {shellWords.more()}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          sideOffset={4}
          aria-label={shellWords.moreStations()}
          className="z-20 mr-2 border-4 border-lavender bg-linen"
        >
          <ul>
            {STATIONS.filter((station) => station.more).map(({ to, name, mark: Mark }) => (
              <li key={to}>
                <Link
                  to={`/${workspace}/${to}`}
                  onClick={() => setOpen(false)}
                  className="flex min-h-14 items-center gap-3 px-6 text-lg font-semibold hover:bg-lavender-pale"
                >
                  <Mark aria-hidden className="size-6" />
                  {name}
                </Link>
              </li>
            ))}
          </ul>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

function StationLinks({ workspace }: { workspace: string }): ReactElement {
  return (
    <nav
      aria-label={shellWords.stations()}
      className="fixed inset-x-0 bottom-0 z-10 border-t-2 border-ink bg-linen wide:static wide:border-0"
    >
      <ul className="grid grid-cols-5 wide:flex wide:gap-1">
        {STATIONS.map(({ to, name, mark: Mark, more }) => (
          <li key={to} className={more ? 'hidden wide:block' : undefined}>
            <NavLink to={`/${workspace}/${to}`} className={({ isActive }) => linkLook(isActive)}>
              <Mark aria-hidden className="size-6 wide:hidden" />
              {name}
            </NavLink>
          </li>
        ))}
        <li className="wide:hidden">
          <MoreStations workspace={workspace} />
        </li>
      </ul>
    </nav>
  );
}

/** The frame around every station: name, stations, keys, and the line that says what was done. */
export function Shell(): ReactElement {
  const workspace = useAppSelector(selectWorkspace);
  const { singleKeys } = useAppSelector(selectPreferences);
  const [overlay, setOverlay] = useState<'none' | 'palette' | 'keys'>('none');
  const openPalette = useCallback(() => setOverlay('palette'), []);
  const openKeys = (): void => setOverlay('keys');
  useShellCommands(workspace, openKeys);
  // While an overlay opens, letters are meant for it and must not act on the page.
  useEffect(() => void loadPalette().catch(() => undefined), []);
  const isAsked = useAppSelector(selectRivals) !== null;
  useKeyboard(singleKeys && overlay === 'none' && !isAsked, openPalette);
  const onOpenChange = (open: boolean): void => setOverlay(open ? overlay : 'none');
  return (
    <div className="shell mx-auto max-w-7xl px-4 pb-36 wide:px-8 wide:pb-20 print:p-0">
      <a href="#main" className="sr-only focus:not-sr-only focus:block focus:p-3 focus:font-bold">
        {shellWords.skipToThePage()}
      </a>
      <header className="shell-head flex min-h-16 items-center gap-x-6 border-b-2 border-ink print:hidden">
        <Link
          to="/"
          className="flex min-h-11 items-center text-2xl font-extrabold tracking-tight whitespace-nowrap"
        >
          Ripenum
        </Link>
        {workspace === 'demo' && (
          <p className="border-2 border-dashed border-ink px-2 py-0.5 text-base font-semibold whitespace-nowrap">
            {shellWords.demoSeason()}
          </p>
        )}
        <div className="grow" />
        <StationLinks workspace={workspace} />
        <button
          type="button"
          onClick={openKeys}
          aria-label={shellWords.showTheKeys()}
          className="flex size-11 items-center justify-center hover:bg-lavender-pale"
        >
          <Keyboard aria-hidden className="size-6" />
        </button>
      </header>
      <UpdateNotice />
      <SupersededNotice />
      <main id="main" tabIndex={-1} className="outline-none">
        <Outlet />
      </main>
      <NoticeLine />
      <Suspense>
        <Read waiting={null} failed={() => null}>
          <PourAlarm />
        </Read>
      </Suspense>
      <Suspense>
        {overlay === 'palette' && <CommandPalette open onOpenChange={onOpenChange} />}
        {overlay === 'keys' && <KeysSheet open onOpenChange={onOpenChange} />}
        {isAsked && <RivalSheet />}
      </Suspense>
      <ScrollRestoration />
    </div>
  );
}
