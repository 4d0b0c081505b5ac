import type { ReactElement } from 'react';
import { useRouteError } from 'react-router';
import { BackToDoor } from './BackToDoor';

/** What stands in place of a station that failed; what was typed is kept all the same. */
export function StationError(): ReactElement {
  const error = useRouteError();
  return (
    <div role="alert" className="mx-auto max-w-2xl p-6">
      <h1 className="text-3xl font-bold">This page could not be shown</h1>
      <p className="mt-3 text-lg">
        Nothing you typed is lost. Reload the page; if it happens again, export your records in the
        kit and report the line below.
      </p>
      <p className="mt-3 text-base">{error instanceof Error ? error.message : String(error)}</p>
      <BackToDoor />
    </div>
  );
}

/** The same where not even the frame around the stations could be shown. */
export function StationErrorPage(): ReactElement {
  return (
    <main>
      <StationError />
    </main>
  );
}
