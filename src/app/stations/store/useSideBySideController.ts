import { useState } from 'react';
import { triangleTest } from '../../../core';
import { useRuledLots } from '../../data/useWorkspaceModel';
import { readDecimal } from '../../format/decimal';
import { jarCareWords } from '../../words/english/jarCare';

/** A whole number within limits; null where it is none. */
function wholeOf(text: string, low: number, high: number): number | null {
  const typed = readDecimal(text);
  if (!typed.ok || !Number.isInteger(typed.value)) return null;
  return typed.value >= low && typed.value <= high ? typed.value : null;
}

/** Most people who taste at one evening. */
const MOST_TASTERS = 200;

/** What a tasting of three glasses says, or what is wrong with a number. */
function triangleOf(tasters: string, right: string) {
  if (tasters.trim() === '' && right.trim() === '') return { status: 'untyped' } as const;
  const people = wholeOf(tasters, 1, MOST_TASTERS);
  if (people === null)
    return { status: 'wrong', at: 'tasters', sentence: jarCareWords.typePeople() } as const;
  if (right.trim() === '') return { status: 'untyped' } as const;
  const correct = wholeOf(right, 0, people);
  if (correct === null)
    return { status: 'wrong', at: 'right', sentence: jarCareWords.noMoreThanTasters() } as const;
  return { status: 'found', people, ...triangleTest(people, correct) } as const;
}

/** Two lots to set beside each other, and a tasting of three glasses. */
export function useSideBySideController() {
  const { ruled } = useRuledLots();
  const [firstPicked, setFirst] = useState<string | null>(null);
  const [secondPicked, setSecond] = useState<string | null>(null);
  // the latest two lots until others are picked
  const first = firstPicked ?? ruled[0]?.file.lot.entityId ?? '';
  const second = secondPicked ?? ruled[1]?.file.lot.entityId ?? '';
  const [tasters, setTasters] = useState('');
  const [right, setRight] = useState('');
  const pair = [first, second].map((id) => ruled.find(({ file }) => file.lot.entityId === id));
  return {
    ruled,
    first,
    setFirst,
    second,
    setSecond,
    pair,
    tasters,
    setTasters,
    right,
    setRight,
    triangle: triangleOf(tasters, right),
  };
}
