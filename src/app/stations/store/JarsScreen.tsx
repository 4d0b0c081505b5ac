import type { ReactElement } from 'react';
import { JarsView } from './JarsView';
import { useJarsController } from './useJarsController';

/** Jars in the house: what is wanted by when, what goes out first, what is kept back. */
export function JarsScreen(): ReactElement {
  return <JarsView {...useJarsController()} />;
}
