/** State of this moment and acts on records; the application imports from here. */
export { noticeShown, selectCanUndo, selectNotice } from './actsSlice';
export { counterId } from './counter';
export { clockNow, setClock } from './clock';
export { draftDropped, draftTyped, selectDraft } from './draftsSlice';
export { useAppDispatch, useAppSelector } from './hooks';
export {
  broughtIn,
  type ActOptions,
  type RecordAct,
  harvestRecords,
  chooseRival,
  recordsOfKind,
  perform,
  redo,
  revise,
  undo,
} from './recordActs';
export { keepPreferences } from './preferenceActs';
export { type RivalChoice, rivalChosen, selectRivals } from './rivalSlice';
export { selectPreferences, selectWorkspace } from './sessionSlice';
export { type AppStore, createStore } from './store';
export { openWorkspace } from './workspace';
