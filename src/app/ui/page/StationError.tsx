import type { ReactElement } from 'react';
import { useRouteError } from 'react-router';
import { FailedPage } from './FailedPage';

/** What stands in place of a station that failed. */
export function StationError(): ReactElement {
  return <FailedPage error={useRouteError()} />;
}

/** The same where not even the frame around the stations could be shown. */
export function StationErrorPage(): ReactElement {
  return (
    <main>
      <StationError />
    </main>
  );
}
