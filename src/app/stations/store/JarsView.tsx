import type { ReactElement } from 'react';
import { Columns } from '../../ui/page/Columns';
import { PageHead } from '../../ui/page/PageHead';
import { PageLink } from '../../ui/page/PageLink';
import { commonWords } from '../../words/english/common';
import { jarCareWords } from '../../words/english/jarCare';
import { OccasionsSection } from './parts/OccasionsSection';
import { OldestJars, SamplesSection } from './parts/OldestJars';
import type { useJarsController } from './useJarsController';

/** Jars in the house: what is wanted by when, what goes out first, what is kept back. */
export function JarsView(props: ReturnType<typeof useJarsController>): ReactElement {
  const { plans, past, runs, withoutSample, editing, preferences, today, press } = props;
  return (
    <>
      <PageHead over={commonWords.store()} title={jarCareWords.title()} lead={jarCareWords.lead()}>
        <PageLink to="store/white">{jarCareWords.whiteStuff()}</PageLink>
        <PageLink to="store/side-by-side">{jarCareWords.sideBySide()}</PageLink>
      </PageHead>
      <Columns share="main-first">
        <OccasionsSection
          plans={plans}
          past={past}
          editing={editing}
          preferences={preferences}
          today={today}
          press={press}
        />
        <div className="space-y-8">
          <OldestJars runs={runs} preferences={preferences} today={today} />
          <SamplesSection runs={withoutSample} any={runs.length > 0} press={press} />
        </div>
      </Columns>
    </>
  );
}
