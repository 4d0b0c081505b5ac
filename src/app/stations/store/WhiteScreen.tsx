import { useState, type ReactElement } from 'react';
import type { SourSign, WhiteFeel, WhitePlace } from '../../../core';
import { WhiteView } from './WhiteView';

/** What the white stuff in a jar is. */
export function WhiteScreen(): ReactElement {
  const [place, setPlace] = useState<WhitePlace>('top');
  const [feel, setFeel] = useState<WhiteFeel>('froth');
  const [sour, setSour] = useState<SourSign>('not-tried');
  return <WhiteView {...{ place, setPlace, feel, setFeel, sour, setSour }} />;
}
