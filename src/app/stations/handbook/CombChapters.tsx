import type { ReactElement } from 'react';
import {
  CAPPING_RATE_PRIOR,
  COLD_COMB_BELOW_C,
  EXPECTED_BY_STATE,
  EYE,
  HONEY_DEPTH_MM,
  SCHOOLS,
  extractWithinHours,
  type HoneyState,
} from '../../../core';
import { HEFT_PLUS_MINUS_KG } from '../../../model';
import { PlainTable } from '../../ui/PlainTable';
import { Chapter } from './Chapter';

const percent = (share: number): string => `${Math.round(share * 100)} %`;

/** What is expected of honey before any reading. */
export function Expectation(): ReactElement {
  const row = (name: string, state: HoneyState) => {
    const { mean, knowledge, scatter } = EXPECTED_BY_STATE[state];
    return [name, `${mean} %`, `${knowledge} %`, `${scatter} %`];
  };
  return (
    <Chapter id="expectation" title="Without a meter">
      <p>
        Before any reading the state of the comb gives an expectation. These figures are common
        practice without a source. A damp climate raises and widens them; your own lots, judged in
        the comb and measured later, correct the means and how much your lots scatter, each lot only
        by those before it. Where nobody said how damp the air was, it is taken as unknown. An
        expectation is never a statement of conformity.
      </p>
      <PlainTable
        label="Expected moisture by state of the cells"
        head={['Cells', 'Mean', 'How well known', 'From lot to lot']}
        rows={[
          row('Capped', 'capped'),
          row('Open, nothing fell at the shake test', 'nothing-fell'),
          row('Open, no shake test', 'not-done'),
          row('Open, drops fell', 'drops'),
          row('Open, honey ran', 'runs'),
        ]}
      />
    </Chapter>
  );
}

function ShareAndMass(): ReactElement {
  return (
    <>
      <p>
        Capped share: capped cells over cells that hold honey or nectar. Empty cells, brood and
        pollen do not count. Counted points get Wilson’s interval (1927, recalled from memory); a
        glance counts as much as {EYE.worthPoints} points, in steps of a tenth (common practice, no
        source).
      </p>
      <p>
        Honey of a side: comb area × depth × share of cells filled × density. Depth behind one face:{' '}
        {HONEY_DEPTH_MM.sunken} mm sunken, {HONEY_DEPTH_MM.flush} flush, {HONEY_DEPTH_MM.proud}{' '}
        proud; a part-filled side is drawn shallower, down to seven tenths of that (common practice,
        no source), and frames weighed on a scale that day correct the depth. A heft, ±{' '}
        {HEFT_PLUS_MINUS_KG.hand} kg by hand and ± {HEFT_PLUS_MINUS_KG.scale} on a scale, less the
        empty frame, is weighed in by how well each is known.
      </p>
    </>
  );
}

/** How frames are judged. */
export function JudgingComb(): ReactElement {
  const { mean, standardDeviation } = CAPPING_RATE_PRIOR;
  return (
    <Chapter id="comb" title="Judging the comb">
      <ShareAndMass />
      <PlainTable
        label="Schools"
        head={['School', 'Capped share asked for', 'Clean shake excuses to', 'Weak point']}
        rows={SCHOOLS.map((one) => [
          one.name,
          `${percent(one.ripeShare)}${one.rule === 'pooled' ? ' of all taken together' : one.rule === 'all-honey' ? ', the rest is dried' : ' on each side'}`,
          one.excusedShare === null ? 'nothing' : percent(one.excusedShare),
          one.weakPoint,
        ])}
      />
      <p>
        Schools are common practice without a source. Before any school come: larvae of beetles, the
        queen, what was given to the hive, brood, and frames with hardly any honey.
      </p>
      <p>
        Putting back: bees are taken to cap {percent(mean)} ± {percent(standardDeviation)} of the
        honey cells a day in a flow and warm weather, corrected by earlier looks at the same frame
        (common practice, no source; normal update). Comb under {COLD_COMB_BELOW_C} °C passes the
        shake test falsely, so a clean shake of it is not counted.
      </p>
      <p>
        Adult small beetles: extract within {extractWithinHours(28, 0.6)} hours when warm and damp,{' '}
        {extractWithinHours(28, 0.4)} when one of both, {extractWithinHours(18, 0.4)} when neither
        (common practice, no source).
      </p>
      <p>
        Drying in the comparison of schools is a coarse lumped model for an ordinary warm room,
        within 0.9 of a point on the first day; it is no forecast.
      </p>
    </Chapter>
  );
}
