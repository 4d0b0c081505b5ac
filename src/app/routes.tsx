import { workspaceRoute } from './workspaceRoute';
import { createBrowserRouter, redirect, type RouteObject } from 'react-router';
import { WORKSPACES, type Workspace } from '../db';
import type { AppStore } from '../store';
import { NothingHere, NothingHerePage } from './ui/page/NothingHere';
import { StationError, StationErrorPage } from './ui/page/StationError';
import { Waiting } from './ui/page/Waiting';

type Load = () => Promise<React.ComponentType>;

/** A page that stands whether records can be read or not: its code is loaded when it is first opened, and its failure stays its own. */
function page(path: string, load: Load): RouteObject {
  const lazy = async () => ({ Component: await load() });
  return { path, ErrorBoundary: StationError, lazy };
}

/** A page of the records, shown once they are read. */
function station(path: string, load: Load): RouteObject {
  return page(path, async () => {
    const [View, { Read }] = await Promise.all([load(), import('./data/Read')]);
    return () => (
      <Read>
        <View />
      </Read>
    );
  });
}

const STATIONS: readonly RouteObject[] = [
  station('today', async () => (await import('./stations/today/TodayScreen')).TodayScreen),
  station('lots/new', async () => (await import('./stations/ruling/NewLotScreen')).NewLotScreen),
  station('lots/:lotId', async () => (await import('./stations/ruling/LotScreen')).LotScreen),
  station(
    'lots/:lotId/dossier',
    async () => (await import('./stations/ruling/DossierScreen')).DossierScreen,
  ),
  station('comb', async () => (await import('./stations/comb/CombScreen')).CombScreen),
  station(
    'comb/few',
    async () => (await import('./stations/comb/QuickTakeScreen')).QuickTakeScreen,
  ),
  station(
    'comb/robbing',
    async () => (await import('./stations/comb/RobbingScreen')).RobbingScreen,
  ),
  station('comb/stung', async () => (await import('./stations/comb/StungScreen')).StungScreen),
  station(
    'comb/:harvestId/stroke',
    async () => (await import('./stations/comb/SurveyScreen')).SurveyScreen,
  ),
  station(
    'comb/:harvestId/lots',
    async () => (await import('./stations/comb/GroupScreen')).GroupScreen,
  ),
  station(
    'comb/:harvestId',
    async () => (await import('./stations/comb/HarvestScreen')).HarvestScreen,
  ),
  station(
    'comb/:harvestId/box/:boxId',
    async () => (await import('./stations/comb/BoxScreen')).BoxScreen,
  ),
  station('bench', async () => (await import('./stations/bench/BenchScreen')).BenchScreen),
  station(
    'bench/readings',
    async () => (await import('./stations/bench/ReadingsScreen')).ReadingsScreen,
  ),
  station(
    'bench/read',
    async () => (await import('./stations/bench/QuickReadingScreen')).QuickReadingScreen,
  ),
  station(
    'bench/meters/:instrumentId',
    async () => (await import('./stations/bench/MeterScreen')).MeterScreen,
  ),
  station(
    'bench/:lotId',
    async () => (await import('./stations/bench/LotBenchScreen')).LotBenchScreen,
  ),
  station(
    'bench/:lotId/table',
    async () => (await import('./stations/bench/TableScreen')).TableScreen,
  ),
  station(
    'bench/:lotId/quality',
    async () => (await import('./stations/bench/QualityScreen')).QualityScreen,
  ),
  station(
    'warm-room',
    async () => (await import('./stations/warmRoom/WarmRoomScreen')).WarmRoomScreen,
  ),
  station(
    'warm-room/standing/:kind?',
    async () => (await import('./stations/warmRoom/OpenHoneyScreen')).OpenHoneyScreen,
  ),
  station(
    'warm-room/:roomId',
    async () => (await import('./stations/warmRoom/RoomScreen')).RoomScreen,
  ),
  station('strain', async () => (await import('./stations/strain/StrainScreen')).StrainScreen),
  station(
    'strain/kit-list',
    async () => (await import('./stations/strain/KitListScreen')).KitListScreen,
  ),
  station('strain/wax', async () => (await import('./stations/strain/WaxScreen')).WaxScreen),
  station('strain/house', async () => (await import('./stations/strain/HouseScreen')).HouseScreen),
  station('strain/weigh', async () => (await import('./stations/strain/WeighScreen')).WeighScreen),
  station('strain/day/:dayId', async () => (await import('./stations/strain/DayScreen')).DayScreen),
  station(
    'strain/day/:dayId/strainer',
    async () => (await import('./stations/strain/StrainerScreen')).StrainerScreen,
  ),
  station(
    'strain/day/:dayId/combs',
    async () => (await import('./stations/strain/CombsScreen')).CombsScreen,
  ),
  station(
    'strain/day/:dayId/clean-up',
    async () => (await import('./stations/strain/CleanUpScreen')).CleanUpScreen,
  ),
  station(
    'strain/settle/:lotId',
    async () => (await import('./stations/strain/SettleScreen')).SettleScreen,
  ),
  station(
    'strain/heat/:lotId',
    async () => (await import('./stations/strain/HeatScreen')).HeatScreen,
  ),
  station(
    'strain/mass/:lotId',
    async () => (await import('./stations/strain/MassScreen')).MassScreen,
  ),
  station('store', async () => (await import('./stations/store/StoreScreen')).StoreScreen),
  station('store/jars', async () => (await import('./stations/store/JarsScreen')).JarsScreen),
  station('store/white', async () => (await import('./stations/store/WhiteScreen')).WhiteScreen),
  station(
    'store/side-by-side',
    async () => (await import('./stations/store/SideBySideScreen')).SideBySideScreen,
  ),
  station('store/foam', async () => (await import('./stations/store/FoamScreen')).FoamScreen),
  station('store/blend', async () => (await import('./stations/store/BlendScreen')).BlendScreen),
  station(
    'store/blend/:blendId',
    async () => (await import('./stations/store/PouringScreen')).PouringScreen,
  ),
  station(
    'store/keep/:lotId',
    async () => (await import('./stations/store/KeepScreen')).KeepScreen,
  ),
  station(
    'store/trace/:nodeId?',
    async () => (await import('./stations/store/TraceScreen')).TraceScreen,
  ),
  station(
    'store/labels/:packingId',
    async () => (await import('./stations/store/LabelsScreen')).LabelsScreen,
  ),
  station('store/verify', async () => (await import('./stations/store/VerifyScreen')).VerifyScreen),
  station('season', async () => (await import('./stations/season/SeasonScreen')).SeasonScreen),
  station(
    'season/forecasts',
    async () => (await import('./stations/season/TrackRecordScreen')).TrackRecordScreen,
  ),
  station('season/when', async () => (await import('./stations/season/WhenScreen')).WhenScreen),
  station('season/years', async () => (await import('./stations/season/YearsScreen')).YearsScreen),
  station(
    'practice',
    async () => (await import('./stations/practice/PracticeScreen')).PracticeScreen,
  ),
  station(
    'practice/combs',
    async () => (await import('./stations/practice/CombDrillScreen')).CombDrillScreen,
  ),
  station(
    'practice/scales',
    async () => (await import('./stations/practice/ScaleDrillScreen')).ScaleDrillScreen,
  ),
  station(
    'practice/cases',
    async () => (await import('./stations/practice/CasesScreen')).CasesScreen,
  ),
  station(
    'practice/evening/:code',
    async () => (await import('./stations/practice/EveningScreen')).EveningScreen,
  ),
  station(
    'practice/certificate',
    async () => (await import('./stations/practice/CertificateScreen')).CertificateScreen,
  ),
  page('kit', async () => (await import('./stations/kit/KitScreen')).KitScreen),
  page('kit/meet', async () => (await import('./stations/kit/MeetScreen')).MeetScreen),
  page('handbook', async () => (await import('./stations/handbook/HandbookScreen')).HandbookScreen),
];

function workspaceTree(store: AppStore, workspace: Workspace): RouteObject {
  return {
    path: `/${workspace}`,
    ErrorBoundary: StationErrorPage,
    HydrateFallback: Waiting,
    shouldRevalidate: () => false,
    ...workspaceRoute(store, workspace),
    children: [
      { index: true, loader: () => redirect(`/${workspace}/today`) },
      ...STATIONS,
      { path: '*', Component: NothingHere },
    ],
  };
}

/** All addresses. */
export function pagesOf(store: AppStore): RouteObject[] {
  const door = page(
    '/',
    async () => (await import('./stations/welcome/WelcomeScreen')).WelcomeScreen,
  );
  return [
    { ...door, HydrateFallback: Waiting },
    ...WORKSPACES.map((workspace) => workspaceTree(store, workspace)),
    { path: '*', element: <NothingHerePage /> },
  ];
}

export const createRouter = (store: AppStore) => createBrowserRouter(pagesOf(store));
