import { useMemo, type ReactElement } from 'react';
import { visitOf, type HarvestDay } from '../../../../model';
import { Fold } from '../../../ui/page/Fold';
import { PageLink } from '../../../ui/page/PageLink';
import { houseWords } from '../../../words/english/house';
import { visitWords } from '../../../words/english/visit';
import { CLEARING_DOUBT_WORDS, clearingStepWords } from '../../../words/visitWords';

/** In which order hives are opened, how bees are cleared, what is needed, and what keeps robbers off. */
function VisitPlan({ day }: { day: HarvestDay }): ReactElement {
  const { hives, frames, clearing, totes } = useMemo(() => visitOf(day), [day]);
  return (
    <div className="grid gap-x-10 gap-y-5 py-2 wide:grid-cols-2">
      {hives.length > 1 && (
        <div>
          <h2 className="text-lg font-bold">{visitWords.orderOfHives()}</h2>
          <ol className="list-decimal pl-6 text-lg">
            {hives.map(({ id, name, yard, boxes, temper }) => (
              <li key={id}>
                <strong>{visitWords.hiveInYard({ name, yard })}</strong>{' '}
                <span className="text-base text-ink-soft">
                  {visitWords.boxesOnIt({ boxes })}
                  {temper === 'defensive' && ` · ${visitWords.defensiveLast()}`}
                </span>
              </li>
            ))}
          </ol>
        </div>
      )}
      <div>
        <h2 className="text-lg font-bold">{visitWords.clearTheBees()}</h2>
        {clearing.doubts.map((doubt) => (
          <p key={doubt} className="my-1 border-l-4 border-ink pl-3 text-base font-semibold">
            {CLEARING_DOUBT_WORDS[doubt]()}
          </p>
        ))}
        <ol className="list-decimal pl-6 text-lg">
          {clearing.steps.map((step) => (
            <li key={step.step}>{clearingStepWords(step)}</li>
          ))}
        </ol>
        {totes && totes.needed > 0 && (
          <p className="mt-2 text-lg">{visitWords.totesNeeded({ frames, ...totes })}</p>
        )}
      </div>
      <div>
        <h2 className="text-lg font-bold">{visitWords.beforeRobbers()}</h2>
        <ul className="list-disc pl-6 text-lg">
          <li>{visitWords.doorsReady()}</li>
          <li>{visitWords.coversReady()}</li>
          <li>{visitWords.lateStart()}</li>
          <li>{visitWords.waspsReady()}</li>
        </ul>
      </div>
    </div>
  );
}

/** The visit, folded, and the way out once robbers are there, in sight. */
export function VisitSection({ day }: { day: HarvestDay }): ReactElement {
  return (
    <div className="mt-4 flex flex-wrap items-start justify-between gap-3">
      <Fold summary={visitWords.howTheVisitGoes()} size="heading" className="grow">
        <VisitPlan day={day} />
      </Fold>
      <div className="flex flex-wrap gap-3">
        <PageLink to="comb/robbing">{visitWords.beesAreRobbing()}</PageLink>
        <PageLink to="comb/stung">{houseWords.stungTitle()}</PageLink>
      </div>
    </div>
  );
}
