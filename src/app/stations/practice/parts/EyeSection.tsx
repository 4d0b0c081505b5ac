import { Suspense, type ReactElement } from 'react';
import { Button } from '../../../ui/Button';
import { PlainTable } from '../../../ui/PlainTable';
import { PageLink } from '../../../ui/page/PageLink';
import { SheetSection } from '../../../ui/page/SheetSection';
import { Waiting } from '../../../ui/page/Waiting';
import { lazyPart } from '../../../ui/page/lazyPart';
import { practiceWords } from '../../../words/english/practice';
import { KIND_NAMES, leaning, points } from '../kindNames';
import type { usePractice } from '../usePractice';

type Practice = ReturnType<typeof usePractice>;

const EyeChart = lazyPart(
  () => import('./EyeChart'),
  (module) => module.EyeChart,
);

/** Whether the figure is used at the hive, and the way to say otherwise. */
function Applied({ reader, initials, isApplied, apply }: Practice): ReactElement {
  if (initials === '') return <p className="text-base">{practiceWords.nobody()}</p>;
  if (reader !== initials)
    return <p className="text-base">{practiceWords.notYours({ initials })}</p>;
  return (
    <div className="flex flex-wrap items-center gap-4">
      <p className="grow basis-60 text-base">
        {isApplied ? practiceWords.isApplied({ reader }) : practiceWords.isNotApplied()}
      </p>
      <Button onClick={() => apply(!isApplied)}>
        {isApplied ? practiceWords.switchOff() : practiceWords.switchOn()}
      </Button>
    </div>
  );
}

function OtherDrills({ scale, cases }: Practice): ReactElement | null {
  if (!scale && cases.all === 0) return null;
  return (
    <ul className="mt-4 space-y-1 text-lg">
      {scale && (
        <li>
          {practiceWords.scaleSkill({ off: scale.off.toFixed(1), bias: scale.bias.toFixed(1) })}
        </li>
      )}
      {cases.all > 0 && <li>{practiceWords.caseSkill(cases)}</li>}
    </ul>
  );
}

/** What an eye is off by: a sentence, a chart, by kind of comb, and over time. */
export function EyeSection(practice: Practice): ReactElement {
  const { eye, looks, left, kinds, course, query } = practice;
  return (
    <SheetSection id="eye" title={practiceWords.yourEye()}>
      {eye ? (
        <>
          <p className="text-4xl leading-tight font-extrabold">{eye.sentence}</p>
          <p className="mt-2 text-lg">
            {eye.spread} {eye.from}
          </p>
          <Applied {...practice} />
          <PageLink to={`practice/certificate${query}`}>{practiceWords.certificate()}</PageLink>
        </>
      ) : (
        <p className="text-2xl leading-snug font-bold">
          {looks.length === 0 && `${practiceWords.noneYet()} `}
          {practiceWords.looksToGo({ left })}
        </p>
      )}
      <OtherDrills {...practice} />
      {looks.length > 0 && (
        <div className="mt-6">
          <h3 className="text-xl font-bold">{practiceWords.answersAndTruth()}</h3>
          <Suspense fallback={<Waiting />}>
            <EyeChart looks={looks} />
          </Suspense>
          <h3 className="mt-4 text-xl font-bold">{practiceWords.byKind()}</h3>
          <PlainTable
            label={practiceWords.byKind()}
            head={[
              practiceWords.kind(),
              practiceWords.looks(),
              practiceWords.offBy(),
              practiceWords.leansTo(),
            ]}
            rows={kinds.map(({ kind, looks: many, off, bias }) => [
              KIND_NAMES[kind],
              many,
              practiceWords.points({ points: points(off) }),
              leaning(bias),
            ])}
          />
          {course.length > 0 && (
            <p className="mt-3 text-lg">
              {practiceWords.courseOf({ steps: course.map(points).join(' → ') })}
            </p>
          )}
        </div>
      )}
    </SheetSection>
  );
}
