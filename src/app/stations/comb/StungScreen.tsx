import { useState, type ReactElement } from 'react';
import type { StingSign } from '../../../core';
import { StungView } from './StungView';

/** What to do about a sting. */
export function StungScreen(): ReactElement {
  const [signs, setSigns] = useState<readonly StingSign[]>([]);
  const toggle = (sign: StingSign): void =>
    setSigns((now) => (now.includes(sign) ? now.filter((each) => each !== sign) : [...now, sign]));
  return <StungView signs={signs} toggle={toggle} />;
}
