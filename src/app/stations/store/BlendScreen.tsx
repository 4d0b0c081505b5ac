import type { ReactElement } from 'react';
import { BlendView } from './BlendView';
import { useBlendController } from './useBlendController';

/** Plans a blend: which containers into which tanks, so that most honey is saved. */
export function BlendScreen(): ReactElement {
  return <BlendView {...useBlendController()} />;
}
