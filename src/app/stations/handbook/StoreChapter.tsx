import type { ReactElement } from 'react';
import {
  LONG_STORAGE_DAYS,
  OUTCOMES,
  STORAGE_RISKS,
  STORE_PLACES,
  STORE_TEMPERATURES,
  liquidMoisturePercent,
} from '../../../core';
import { OUTCOME_NAMES } from '../../format/moisture';
import { PLACE_NAMES, RISK_NAMES } from '../../words/storeWords';
import { PlainTable } from '../../ui/PlainTable';
import { Chapter } from './Chapter';

const SHARES = [0, 0.25, 0.5, 0.75] as const;
const MOISTURES = [16, 17, 18, 19] as const;
const GLUCOSE_PERCENT = 31;

const OUTCOME_WORDS: Readonly<Record<(typeof OUTCOMES)[number], string>> = {
  reject: 'blocked for every use: people, bees, cooking and brewing',
  divert: 'not for the jar as it is; other uses under their own cautions',
  over: 'more water than the limit: dry, blend or divert',
  dry: 'within the limit, too wet to keep',
  blend: 'too wet, cannot be dried, and drier honey of your own would bring it in',
  measure: 'the evidence at hand does not decide; the headline says what would',
  'above-target': 'within the limit, so legal, but wetter than your own target',
  conditions: 'good enough under the conditions named; the first stands in the headline',
  'by-comb': 'good enough by its capping; up to 20 in 100 such lots may be over',
  accept: 'good enough by meter or laboratory; at most 5 in 100 may be over',
};

function Severity(): ReactElement {
  return (
    <Chapter id="severity" title="Order of severity">
      <PlainTable
        label="Outcomes, most severe first"
        head={['Outcome, most severe first', 'What it says']}
        rows={OUTCOMES.map((one) => [OUTCOME_NAMES[one], OUTCOME_WORDS[one]])}
      />
      <p>
        The most severe finding decides, none hides another. What blocks a lot blocks it for every
        use; the program never clears by itself. What would change a ruling is found by ruling again
        on changed evidence.
      </p>
    </Chapter>
  );
}

function Keeping(): ReactElement {
  return (
    <Chapter id="keeping" title="Keeping">
      <p>
        Glucose leaves as monohydrate (198.17 to 180.16), so what stays liquid gets wetter. Honey of{' '}
        {GLUCOSE_PERCENT} % glucose, by the share of it that has set:
      </p>
      <PlainTable
        label="Water in the liquid part"
        head={['Water', ...SHARES.map((one) => `${100 * one} % set`)]}
        rows={MOISTURES.map((water) => [
          `${water} %`,
          ...SHARES.map(
            (one) => `${liquidMoisturePercent(water, GLUCOSE_PERCENT, one).toFixed(1)} %`,
          ),
        ])}
      />
      <p>
        The class of a month is Lochhead’s (1933) for the liquid part at its upper end, beside the
        temperature (Wilson and Marvin 1932; both recalled from memory). From mildest:{' '}
        {STORAGE_RISKS.map((one) => RISK_NAMES[one]).join(', ')}. How fast honey sets month by month
        is assumed; only the order slow, medium, fast is White’s (1962).
      </p>
      <PlainTable
        label="Places"
        head={['Place', 'Mean of the year', 'Swing']}
        rows={STORE_PLACES.map((one) => [
          PLACE_NAMES[one],
          `${STORE_TEMPERATURES[one].meanC} °C`,
          `± ${STORE_TEMPERATURES[one].swingC} °C`,
        ])}
      />
      <p>
        Best before is a proposal: the least of what HMF and diastase leave at that place, by the
        worse end of their bands, and the day to look at the honey again.
      </p>
    </Chapter>
  );
}

function Blending(): ReactElement {
  return (
    <Chapter id="blending" title="Blending">
      <p>
        A tank’s water is the mean by mass; what each container may be off by adds in quadrature,
        what the meter’s readings share, and what unread containers of one lot share, is counted
        once (JCGM 100, recalled from memory). The mean and 1.645 standard uncertainties stay at or
        under the target. Which containers and how much of each is a mixed-integer programme, solved
        by HiGHS; the guard band is a cone, replaced by tangents (Kelley 1960, recalled from
        memory). Beside every answer stands what no other could be worth more than.
      </p>
    </Chapter>
  );
}

function Leaving(): ReactElement {
  return (
    <Chapter id="leaving" title="What may leave the house">
      <p>
        Honey is filled, labelled, set aside, given out and taken freely once its ruling is signed
        and nothing has changed since. Blocked honey is not, for no reason at all. What is over the
        limit, not settled or not signed leaves only for a reason that is typed and kept with the
        jars. The container that is filled counts by itself: its own readings, or the lot’s mean
        with what a single container may differ by. From it come the keeping class and the
        best-before day too.
      </p>
      <p>
        Where a lot is blocked after jars have left, Today lists them first, whoever has them, until
        it is written down for each what was done. Honey that was blended takes over what blocks its
        sources.
      </p>
    </Chapter>
  );
}

function NowAndBefore(): ReactElement {
  return (
    <Chapter id="now-and-before" title="Readings of now and of before">
      <p>
        Drying, pouring together, standing open and melting change honey: readings of before are
        history and shown as such, and what nobody read since is to be read. A pause of more than{' '}
        {LONG_STORAGE_DAYS} days parts readings as well; where the later ones differ by more than
        both may be off, the lot is not accepted before that is cleared up. A meter’s first zero
        check counts for readings before it, with the doubt that the time between adds. Water found
        by a laboratory outranks the comb, and must agree with the readings.
      </p>
      <p>
        Beside the mean stands the chance that any one container is over the limit; each that is, or
        is not settled, is named. Containers that were not read carry what they may differ by, by
        their share of the mass: u² = s²·[Σ(wᵢ − Mᵢ)² over those read + Σ Mⱼ² over the others].
      </p>
    </Chapter>
  );
}

function Tracing(): ReactElement {
  return (
    <Chapter id="trace" title="Tracing and sealing">
      <p>
        Hive, box, frame, warm room, lot, extraction, container, blend, jars, receiver: every step
        is a record, and the trace is read from them, both ways. An exported file carries the head
        of a chain of SHA-256 digests over all its records; a dossier carries that of its lot. A
        change of any record gives another digest. A seal shows that nothing was changed; it does
        not show who wrote it.
      </p>
    </Chapter>
  );
}

/** Severity, keeping, blending, tracing. */
export function StoreChapters(): ReactElement {
  return (
    <>
      <Severity />
      <NowAndBefore />
      <Leaving />
      <Keeping />
      <Blending />
      <Tracing />
    </>
  );
}
