import type { ReactElement } from 'react';
import { Navigate, useParams } from 'react-router';
import { EVENING_LOOKS } from '../../../core';
import { INPUT } from '../../ui/classes';
import { PageHead } from '../../ui/page/PageHead';
import { PageLink } from '../../ui/page/PageLink';
import { SheetSection } from '../../ui/page/SheetSection';
import { PlainTable } from '../../ui/PlainTable';
import { selectWorkspace, useAppSelector } from '../../../store';
import { practiceWords } from '../../words/english/practice';
import { leaning, points } from './kindNames';
import { OneLook } from './parts/OneLook';
import { eveningCode, useEvening } from './useEvening';

type EveningState = ReturnType<typeof useEvening>;

/** One's own line, the lines of the others, and who came nearest. */
function Results({ line, lines, setLines, notRead, results }: EveningState): ReactElement {
  return (
    <SheetSection id="ranking" title={practiceWords.ranking()}>
      <p className="text-base font-semibold">{practiceWords.yourLine()}</p>
      <output className="block border-2 border-ink bg-paper p-3 text-xl font-bold tabular-nums">
        {line}
      </output>
      <label className="mt-3 block text-base font-semibold">
        {practiceWords.othersLines()}
        <textarea
          className={INPUT}
          rows={4}
          value={lines}
          onChange={(event) => setLines(event.target.value)}
          aria-describedby="lines-under"
        />
      </label>
      <p id="lines-under" className="mb-3 text-base">
        {notRead.length === 0
          ? practiceWords.linesHint()
          : practiceWords.linesNotRead({ lines: notRead.join(' · ') })}
      </p>
      <PlainTable
        label={practiceWords.meanOff()}
        head={[
          practiceWords.place(),
          practiceWords.name(),
          practiceWords.sides(),
          practiceWords.meanOff(),
          practiceWords.leansTo(),
        ]}
        rows={results.map(({ name, looks, off, bias }, at) => [
          at + 1,
          name === '' ? practiceWords.noInitials() : name,
          looks,
          practiceWords.points({ points: points(off) }),
          leaning(bias),
        ])}
      />
    </SheetSection>
  );
}

/** The ten sides of a club evening. */
function Evening({ code }: { code: number }): ReactElement {
  const evening = useEvening(code);
  const { at, scene, look, next, query } = evening;
  return (
    <>
      <PageHead
        over={practiceWords.station()}
        title={`${practiceWords.clubEvening()} ${code}`}
        lead={
          at < 0
            ? practiceWords.eveningDone()
            : practiceWords.lookNumber({ at: at + 1, all: EVENING_LOOKS })
        }
      >
        <PageLink to={`practice${query}`}>{practiceWords.toPractice()}</PageLink>
      </PageHead>
      {at >= 0 && <OneLook scene={scene} look={look} onNext={next} />}
      <div className="mt-8">
        <Results {...evening} />
      </div>
    </>
  );
}

/** An evening by its number; a number that none has leads to where one is typed. */
export function EveningScreen(): ReactElement {
  const code = eveningCode(useParams().code);
  const workspace = useAppSelector(selectWorkspace);
  return code === null ? (
    <Navigate to={`/${workspace}/practice`} replace />
  ) : (
    <Evening code={code} />
  );
}
