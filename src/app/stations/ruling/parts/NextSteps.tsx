import { Archive, Box, Milk, ThermometerSun, type LucideIcon } from 'lucide-react';
import type { ReactElement } from 'react';
import type { Ruling } from '../../../../core';
import type { LotFile } from '../../../../model';
import { PageLink } from '../../../ui/page/PageLink';
import { rulingWords } from '../../../words/english/ruling';
import { nextSteps, type NextStep } from '../nextSteps';

interface Step {
  readonly name: string;
  readonly mark: LucideIcon;
  readonly to: (lotId: string) => string;
}

const STEPS: Readonly<Record<NextStep, Step>> = {
  dry: {
    name: rulingWords.intoTheWarmRoom(),
    mark: ThermometerSun,
    to: (lotId) => `warm-room?lot=${lotId}`,
  },
  containers: {
    name: rulingWords.sayWhatItIsIn(),
    mark: Box,
    to: (lotId) => `lots/${lotId}?add=containers`,
  },
  jars: { name: rulingWords.fillJars(), mark: Milk, to: (lotId) => `store?fill=${lotId}` },
  keep: { name: rulingWords.whereToKeepIt(), mark: Archive, to: (lotId) => `store/keep/${lotId}` },
};

/** What comes next for this honey, one tap each. */
export function NextSteps({
  file,
  ruling,
}: {
  file: LotFile;
  ruling: Ruling;
}): ReactElement | null {
  const steps = nextSteps(file, ruling);
  if (steps.length === 0) return null;
  return (
    <nav aria-label={rulingWords.next()} className="mt-3 flex flex-wrap gap-3">
      {steps.map((step) => {
        const { name, mark: Mark, to } = STEPS[step];
        return (
          <PageLink key={step} to={to(file.lot.entityId)}>
            <Mark aria-hidden className="size-5" /> {name}
          </PageLink>
        );
      })}
    </nav>
  );
}
