import type { ReactElement } from 'react';
import { PageHead } from '../../ui/page/PageHead';
import { PageLink } from '../../ui/page/PageLink';
import { practiceWords } from '../../words/english/practice';
import { OneLook } from './parts/OneLook';
import { useCombDrill } from './useCombDrill';

/** The drill at combs. */
export function CombDrillScreen(): ReactElement {
  const { scene, look, next, query } = useCombDrill();
  return (
    <>
      <PageHead over={practiceWords.station()} title={practiceWords.lookAtCombs()}>
        <PageLink to={`practice${query}`}>{practiceWords.toPractice()}</PageLink>
      </PageHead>
      <OneLook scene={scene} look={look} onNext={next} />
    </>
  );
}
