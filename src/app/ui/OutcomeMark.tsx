import {
  ArrowUpToLine,
  Ban,
  CircleCheckBig,
  Combine,
  Droplets,
  Hexagon,
  ListChecks,
  Ruler,
  Split,
  Wind,
  type LucideIcon,
} from 'lucide-react';
import type { ReactElement } from 'react';
import type { Outcome } from '../../core';

const MARKS: Readonly<Record<Outcome, LucideIcon>> = {
  accept: CircleCheckBig,
  measure: Ruler,
  dry: Wind,
  over: Droplets,
  divert: Split,
  reject: Ban,
  blend: Combine,
  conditions: ListChecks,
  'by-comb': Hexagon,
  'above-target': ArrowUpToLine,
};

/** The mark of an outcome; always stands beside its word. */
export function OutcomeMark({
  outcome,
  className,
}: {
  outcome: Outcome;
  className?: string;
}): ReactElement {
  const Mark = MARKS[outcome];
  return <Mark aria-hidden className={className} strokeWidth={2.25} />;
}
