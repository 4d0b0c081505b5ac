import { act, configure, render, waitFor } from '@testing-library/react';
import { useEffect } from 'react';
import { Provider } from 'react-redux';
import { RouterProvider, createMemoryRouter } from 'react-router';
import { createDexieRecordStore, databaseOf, throwAway, snapshotOf } from '../../db';
import { current, type AnyRecord, type RecordKind, type RecordOf } from '../../records';
import { openWorkspace, createStore } from '../../store';
import { Read } from '../data/Read';

configure({ asyncUtilTimeout: 10_000 });

/** A controller at work: what it gives now, where it has led, and what is stored. */
export interface ControllerAtWork<C> {
  readonly now: () => C;
  /** the page that it has gone to */
  readonly path: () => string;
  /** does something with it, and waits until what comes of it is drawn */
  readonly does: (step: (controller: C) => unknown) => Promise<void>;
  /** waits until something holds */
  readonly until: (holds: () => boolean | Promise<boolean>) => Promise<void>;
  /** what holds of a kind, without what was removed */
  readonly stored: <K extends RecordKind>(kind: K) => Promise<RecordOf<K>[]>;
}

/** Runs the controller of a page, without its markup, on a workspace with these records and no others. */
export async function controllerOf<C>(
  useController: () => C,
  records: readonly AnyRecord[] = [],
): Promise<ControllerAtWork<C>> {
  await throwAway('mine');
  const rows = createDexieRecordStore(databaseOf('mine'));
  const filled = await rows.append(records);
  if (!filled.ok) throw new Error(filled.error.message.key);
  const store = createStore();
  await openWorkspace(store, 'mine');
  // what an earlier test left is thrown away, too, where pages read
  await snapshotOf('mine').caughtUp();
  const held: C[] = [];
  function Probe() {
    const controller = useController();
    useEffect(() => void held.push(controller));
    return null;
  }
  const page = (
    <Read>
      <Probe />
    </Read>
  );
  const router = createMemoryRouter(
    [
      { path: '/mine/here', element: page },
      { path: '*', element: null },
    ],
    { initialEntries: ['/mine/here'] },
  );
  render(
    <Provider store={store}>
      <RouterProvider router={router} />
    </Provider>,
  );
  await waitFor(() => {
    if (held.length === 0) throw new Error('its records are not read yet');
  });
  const now = (): C => held.at(-1)!;
  return {
    now,
    path: () => router.state.location.pathname,
    does: (step) => act(async () => void (await step(now()))),
    until: (holds) =>
      waitFor(async () => {
        if (!(await holds())) throw new Error('does not hold yet');
      }),
    stored: async (kind) =>
      current(await rows.ofKinds([kind])).filter(
        (record): record is RecordOf<typeof kind> => record.kind === kind,
      ),
  };
}
