import { useState } from 'react';
import { useAsked } from '../../data/useAsked';
import type { HiveOrder } from './hivesByYard';

/** What is looked for among hives, from the address at first, and how they are ordered. */
export interface HiveSearch {
  readonly find: string;
  readonly setFind: (text: string) => void;
  readonly order: HiveOrder;
  readonly setOrder: (order: HiveOrder) => void;
}

/** What is looked for; an address may ask for a hive by name. */
export function useHiveSearch(): HiveSearch {
  const [asked, askedDone] = useAsked('find');
  const [typed, setTyped] = useState('');
  const [order, setOrder] = useState<HiveOrder>('name');
  const setFind = (text: string): void => {
    if (asked !== null) askedDone();
    setTyped(text);
  };
  return { find: asked ?? typed, setFind, order, setOrder };
}
