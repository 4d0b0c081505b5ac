import type { ReactElement } from 'react';
import { useVerifyController } from './useVerifyController';
import { VerifyView } from './VerifyView';

/** Says whether an exported file is as it was saved, and whether a printed dossier agrees with it. */
export function VerifyScreen(): ReactElement {
  return <VerifyView {...useVerifyController()} />;
}
