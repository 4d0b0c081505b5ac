import { Keyboard, Undo2 } from 'lucide-react';
import { Suspense, useCallback, useEffect, useState, type ReactElement } from 'react';
import { Link, Outlet, ScrollRestoration, useNavigate, useLocation } from 'react-router';
import { SCHEMES } from '../records';
import {
  keepPreferences,
  redo,
  selectCanUndo,
  selectPreferences,
  selectRivals,
  selectWorkspace,
  undo,
  useAppDispatch,
  useAppSelector,
} from '../store';
import { Read } from './data/Read';
import { DoorLinks, StationRow } from './Doors';
import { STATIONS } from './doorList';
import { FRAME_KINDS } from './commands/frameKinds';
import { useCommands } from './commands/useCommands';
import { useKeyboard } from './commands/useKeyboard';
import { NoticeLine } from './ui/page/NoticeLine';
import { lazyPart } from './ui/page/lazyPart';
import { SupersededNotice } from './ui/page/SupersededNotice';
import { UpdateNotice } from './ui/page/UpdateNotice';
import { formatDayMonth, isoToday } from './format/dates';
import { commonWords } from './words/english/common';
import { kitWords } from './words/english/kit';
import { shellWords } from './words/english/shell';
import { SCHEME_NAMES } from './words/schemeWords';

const loadPalette = () => import('./commands/CommandPalette');
const CommandPalette = lazyPart(loadPalette, (module) => module.CommandPalette);
const PourAlarm = lazyPart(
  () => import('./alarm/PourAlarm'),
  (module) => module.PourAlarm,
);
const Watch = lazyPart(
  () => import('./watch/Watch'),
  (module) => module.Watch,
);
const KeysSheet = lazyPart(
  () => import('./commands/KeysSheet'),
  (module) => module.KeysSheet,
);
const RivalSheet = lazyPart(
  () => import('./ui/forms/RivalSheet'),
  (module) => module.RivalSheet,
);

/** The page of a frame: what can be undone there is what was seen on frames. */
const ON_A_FRAME = /\/comb\/[^/]+\/box\//;

/** Takes the last act back; on a frame only what was seen on frames, never its day. */
function useUndo(): () => void {
  const dispatch = useAppDispatch();
  const only = ON_A_FRAME.test(useLocation().pathname) ? FRAME_KINDS : undefined;
  return () => void dispatch(undo(only));
}

function useShellCommands(workspace: string, showKeys: () => void): void {
  const navigate = useNavigate();
  const dispatch = useAppDispatch();
  const go = (to: string) => () => void navigate(`/${workspace}/${to}`);
  const takeBack = useUndo();
  useCommands([
    ...STATIONS.map(({ to, name, key }) => ({ id: to, title: name, key, run: go(to) })),
    { id: 'kit/meet', title: kitWords.meetAnotherDevice(), run: go('kit/meet') },
    { id: 'lots/new', title: commonWords.newLot(), key: 'n', run: go('lots/new') },
    {
      id: 'undo',
      title: shellWords.undoTheLastAct(),
      key: 'u',
      run: takeBack,
    },
    {
      id: 'redo',
      title: shellWords.doTheUndoneActAgain(),
      key: 'U',
      run: () => void dispatch(redo()),
    },
    ...SCHEMES.map((scheme) => ({
      id: `scheme ${scheme}`,
      title: kitWords.screenNamed({ name: SCHEME_NAMES[scheme] }),
      run: () => void dispatch(keepPreferences({ scheme })),
    })),
    { id: 'keys', title: shellWords.showTheKeys(), key: '?', run: showKeys },
    { id: 'door', title: shellWords.backToTheStart(), run: () => void navigate('/') },
  ]);
}

/** The way back from the last act, always at the same place. */
function UndoButton(): ReactElement | null {
  const takeBack = useUndo();
  if (!useAppSelector(selectCanUndo)) return null;
  return (
    <button
      type="button"
      onClick={takeBack}
      aria-label={shellWords.undoTheLastAct()}
      className="flex size-11 items-center justify-center hover:bg-lavender-pale"
    >
      <Undo2 aria-hidden className="size-6" />
    </button>
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
      <header className="shell-head flex min-h-16 flex-wrap items-center gap-x-3 wide:gap-x-6 border-b-2 border-ink print:hidden">
        <Link
          to="/"
          className="flex min-h-11 items-center text-2xl font-extrabold tracking-tight whitespace-nowrap"
        >
          Ripenum
        </Link>
        {workspace === 'demo' && (
          <p className="border-2 border-dashed border-ink px-2 py-0.5 text-base font-semibold">
            <span className="wide:hidden">{shellWords.demoSeason()}</span>
            <span className="hidden wide:inline">
              {shellWords.demoSeasonOn({ day: formatDayMonth(isoToday()) })}
            </span>
          </p>
        )}
        <div className="grow" />
        <DoorLinks workspace={workspace} />
        <UndoButton />
        <button
          type="button"
          onClick={openKeys}
          aria-label={shellWords.showTheKeys()}
          className="flex size-11 items-center justify-center hover:bg-lavender-pale"
        >
          <Keyboard aria-hidden className="size-6" />
        </button>
      </header>
      <StationRow workspace={workspace} />
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
        <Watch />
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
