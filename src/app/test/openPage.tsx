import { configure, render, waitFor } from '@testing-library/react';
import { Provider } from 'react-redux';
import { RouterProvider, createMemoryRouter, matchRoutes, type RouteObject } from 'react-router';
import { createStore, type AppStore } from '../../store';
import '../data/Read';
import { pagesOf } from '../routes';

/** So long a page may take to show what came of an act: its code is loaded then [ms]. */
configure({ asyncUtilTimeout: 20_000 });

/** What a test holds of an open page. */
export interface OpenPage {
  readonly store: AppStore;
  /** where the page is now */
  readonly path: () => string;
  /** goes back to the page before */
  readonly back: () => Promise<void>;
}

/** Loads the code of a page piece after piece: the test runner cannot link two pieces at the same time. */
async function load(pages: RouteObject[], path: string): Promise<void> {
  for (const { route } of matchRoutes(pages, path) ?? []) {
    if (typeof route.lazy === 'function') await route.lazy();
  }
}

/**
 * Opens an address of the application as it is, on the storage of the test, and waits until its page
 * stands.
 */
export async function openPage(path: string): Promise<OpenPage> {
  const store = createStore();
  const pages = pagesOf(store);
  await load(pages, path);
  const router = createMemoryRouter(pages, { initialEntries: [path] });
  render(
    <Provider store={store}>
      <RouterProvider router={router} />
    </Provider>,
  );
  await waitFor(() => {
    if (router.state.errors) throw Object.values(router.state.errors)[0];
    if (!document.querySelector('h1')) throw new Error(`${path} does not stand yet`);
  });
  return {
    store,
    path: () => router.state.location.pathname,
    back: () => router.navigate(-1),
  };
}
