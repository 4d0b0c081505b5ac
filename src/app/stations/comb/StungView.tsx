import { Check } from 'lucide-react';
import type { ReactElement } from 'react';
import { STING_SIGNS, stingAdvice, type StingAdvice, type StingSign } from '../../../core';
import { PageHead } from '../../ui/page/PageHead';
import { commonWords } from '../../words/english/common';
import { houseWords } from '../../words/english/house';

const SIGN_NAMES: Readonly<Record<StingSign, string>> = {
  breath: houseWords.breath(),
  faint: houseWords.faint(),
  mouth: houseWords.mouth(),
  known: houseWords.known(),
  'rash-elsewhere': houseWords.rashElsewhere(),
  sick: houseWords.sick(),
  many: houseWords.many(),
  'here-only': houseWords.hereOnly(),
};

const ADVICE: Readonly<Record<StingAdvice, { what: string; why: string }>> = {
  'call-now': { what: houseWords.callNow(), why: houseWords.callNowWhy() },
  'ask-doctor': { what: houseWords.askDoctor(), why: houseWords.askDoctorWhy() },
  'look-first': { what: houseWords.lookFirst(), why: houseWords.lookFirstWhy() },
  local: { what: houseWords.local(), why: houseWords.localWhy() },
};

interface StungViewProps {
  signs: readonly StingSign[];
  toggle: (sign: StingSign) => void;
}

/** What is seen, ticked with a glove, and what to do: the answer before the questions. */
export function StungView({ signs, toggle }: StungViewProps): ReactElement {
  const { what, why } = ADVICE[stingAdvice(signs)];
  return (
    <>
      <PageHead
        over={commonWords.comb()}
        title={houseWords.stungTitle()}
        lead={houseWords.stungLead()}
      />
      <div
        role="status"
        className="mt-4 max-w-3xl border-l-8 border-ink bg-lavender-pale px-4 py-3"
      >
        <p className="text-3xl leading-tight font-bold">{what}</p>
        <p className="mt-1 text-xl">{why}</p>
      </div>
      <ul className="mt-4 grid max-w-3xl gap-1 sm:grid-cols-2">
        {STING_SIGNS.map((sign) => {
          const isSeen = signs.includes(sign);
          return (
            <li key={sign}>
              <button
                type="button"
                aria-pressed={isSeen}
                onClick={() => toggle(sign)}
                className="flex h-full min-h-14 w-full items-center gap-3 border-2 border-ink bg-paper px-3 text-left text-lg font-semibold aria-pressed:bg-ink aria-pressed:text-linen"
              >
                <span className="size-6 shrink-0">
                  {isSeen && <Check aria-hidden className="size-6" />}
                </span>
                {SIGN_NAMES[sign]}
              </button>
            </li>
          );
        })}
      </ul>
      <p className="mt-4 max-w-3xl text-lg">{houseWords.whereYouAre()}</p>
      <p className="max-w-3xl text-base">{houseWords.notADoctor()}</p>
    </>
  );
}
