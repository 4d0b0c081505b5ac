import { Check } from 'lucide-react';
import type { ReactElement } from 'react';
import { ROBBED_PLACES, ROBBERS, type RobbedPlace, type Robber } from '../../../core';
import { Button } from '../../ui/Button';
import { Pick, choicesOf } from '../../ui/fields/Pick';
import { PageHead } from '../../ui/page/PageHead';
import { PageLink } from '../../ui/page/PageLink';
import { commonWords } from '../../words/english/common';
import { houseWords } from '../../words/english/house';
import { visitWords } from '../../words/english/visit';
import { ROBBING_WORDS } from '../../words/visitWords';
import type { useRobbingController } from './useRobbingController';

const PLACE_NAMES: Readonly<Record<RobbedPlace, string>> = {
  hives: visitWords.atTheHives(),
  house: visitWords.inTheHoneyHouse(),
};

const ROBBER_NAMES: Readonly<Record<Robber, string>> = {
  bees: visitWords.bees(),
  wasps: visitWords.wasps(),
};

/** What to do, in order, each ticked with a glove; then when to go on. */
export function RobbingView(props: ReturnType<typeof useRobbingController>): ReactElement {
  const { place, setPlace, robber, setRobber, steps, done, toggle, postponed } = props;
  return (
    <>
      <PageHead
        over={commonWords.comb()}
        title={visitWords.robbersWhatNow()}
        lead={visitWords.lead()}
      />
      <div className="mt-4 grid max-w-3xl gap-4 sm:grid-cols-2">
        <Pick
          label={visitWords.where()}
          choices={choicesOf(ROBBED_PLACES, PLACE_NAMES)}
          value={place}
          onPick={setPlace}
          columns={2}
        />
        {place === 'hives' && (
          <Pick
            label={visitWords.who()}
            choices={choicesOf(ROBBERS, ROBBER_NAMES)}
            value={robber}
            onPick={setRobber}
            columns={2}
          />
        )}
      </div>
      <ol className="mt-5 max-w-3xl divide-y divide-thread border-y-2 border-ink">
        {steps.map((step, at) => {
          const { what, why } = ROBBING_WORDS[step];
          const isDone = done.includes(step);
          return (
            <li key={step}>
              <button
                type="button"
                aria-pressed={isDone}
                onClick={() => toggle(step)}
                className="flex min-h-16 w-full items-center gap-4 py-3 text-left hover:bg-lavender-pale"
              >
                <span className="w-10 shrink-0 text-3xl font-bold tabular-nums">{at + 1}</span>
                <span className="grow">
                  <strong className="block text-xl leading-tight">{what}</strong>
                  <span className="block text-base text-ink-soft">{why}</span>
                </span>
                <span className="flex shrink-0 items-center justify-end gap-1 font-semibold sm:w-20">
                  {isDone && (
                    <>
                      <Check aria-hidden className="size-6" /> {visitWords.stepDone()}
                    </>
                  )}
                </span>
              </button>
            </li>
          );
        })}
      </ol>
      {postponed.map(({ id, name, press }) => (
        <Button key={id} tone="ink" className="mt-4 min-h-14" onClick={press}>
          {visitWords.moveTheDay({ name })}
        </Button>
      ))}
      <p className="mt-5 max-w-3xl border-l-4 border-ink pl-3 text-lg font-semibold">
        {visitWords.wasStung()}
      </p>
      <div className="mt-3">
        <PageLink to="comb/stung">{houseWords.stungLink()}</PageLink>
      </div>
    </>
  );
}
