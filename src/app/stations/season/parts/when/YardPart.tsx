import type { ReactElement } from 'react';
import {
  colonyOf,
  isoDayOf,
  type Book,
  type FlowHistory,
  type FlowOnDay,
  type YardBoard,
} from '../../../../../model';
import { formatDayMonth, formatWeekDate } from '../../../../format/dates';
import { Button } from '../../../../ui/Button';
import { PageLink } from '../../../../ui/page/PageLink';
import { seasonWords } from '../../../../words/english/season';
import { whenWords } from '../../../../words/english/when';
import { inUnits } from '../../../../words/keepersUnits';
import type { Offer } from '../../useWhenController';

const shortDay = (day: number | null): string =>
  day === null ? '' : formatDayMonth(isoDayOf(day));

/** How a flow stands, in words. */
function stateWords({ course }: FlowOnDay): string {
  const start = shortDay(course.startDay);
  const end = shortDay(course.endDay);
  switch (course.state) {
    case 'to-come':
      return whenWords.comesFrom({ start });
    case 'late':
      return whenWords.isLate({ start });
    case 'on':
      return whenWords.onUntil({ end });
    case 'fading':
      return whenWords.fadingUntil({ end });
    case 'over':
      return whenWords.overSince({ end });
    case 'never-seen':
      return whenWords.neverSeenShort();
    case 'failed':
      return whenWords.failedShort();
  }
}

function historyWords({ flow }: FlowOnDay, histories: readonly FlowHistory[]): string {
  const plant = (flow.content.plant || flow.content.name).toLowerCase();
  const history = histories.find((each) => each.plant.toLowerCase() === plant);
  if (!history || history.years < 2) return '';
  const { came, years, poor } = history;
  return [
    whenWords.cameInYears({ came, years }),
    poor > 0 ? whenWords.tastedPoor({ times: poor }) : '',
  ]
    .filter((text) => text !== '')
    .join(', ');
}

/** Less than this a hive only holds what it has [kg/d]. */
const LEAST_GAIN = 0.05;

interface FlowRowProps {
  item: FlowOnDay;
  histories: readonly FlowHistory[];
  offers: readonly Offer[];
}

function FlowRow({ item, histories, offers }: FlowRowProps): ReactElement {
  const { content } = item.flow;
  const facts = [
    content.plant === '' ? seasonWords.plantNotKnown() : '',
    content.taste === 'poor' ? seasonWords.tastesPoor() : '',
    historyWords(item, histories),
  ].filter((text) => text !== '');
  return (
    <li className="flex min-h-11 flex-wrap items-center gap-x-4 gap-y-1 py-1">
      <span className="grow text-lg">
        <strong>{content.name}</strong> {stateWords(item)}
        {facts.length > 0 && (
          <span className="block text-base text-ink-soft">{facts.join(' · ')}</span>
        )}
      </span>
      {offers.map(({ label, press }) => (
        <Button key={label} tone="quiet" onClick={press}>
          {label}
          <span className="sr-only"> {content.name}</span>
        </Button>
      ))}
    </li>
  );
}

/** A flow of this year, or one that is still to come. */
const isOfNow = ({ course }: FlowOnDay, today: number): boolean =>
  (course.endDay ?? course.startDay) >= today - 120;

interface YardPartProps {
  board: YardBoard;
  book: Book;
  plants: readonly string[];
  histories: readonly FlowHistory[];
  flowOffers: (item: FlowOnDay) => readonly Offer[];
  today: number;
}

/** A yard at a glance: its hives, what flows there, what they gain, which honey it makes. */
export function YardPart(props: YardPartProps): ReactElement {
  const { board, book, plants, histories, flowOffers, today } = props;
  const { yard, hives, boxes, gains, planned, flows } = board;
  return (
    <section aria-label={yard.content.name}>
      <h3 className="text-xl leading-tight font-bold">{yard.content.name}</h3>
      <p className="text-base text-ink-soft">{whenWords.hivesAndBoxes({ hives, boxes })}</p>
      <ul className="mt-1 divide-y divide-thread">
        {flows
          .filter((item) => isOfNow(item, today))
          .map((item) => (
            <FlowRow key={item.flow.entityId} {...{ item, histories }} offers={flowOffers(item)} />
          ))}
      </ul>
      {gains.map(({ colonyId, kgPerDay, from }) =>
        kgPerDay === null || kgPerDay < LEAST_GAIN ? null : (
          <p key={colonyId} className="text-base">
            {(from === 'weights' ? whenWords.gainsByScale : whenWords.filledInADay)({
              hive: colonyOf(book, colonyId)?.content.name ?? '',
              kg: inUnits(7 * kgPerDay, 'mass'),
            })}
          </p>
        ),
      )}
      {plants.length > 0 && (
        <p className="text-base">{whenWords.yardMakes({ plants: plants.join(', ') })}</p>
      )}
      {planned && (
        <p className="mt-2">
          <PageLink to={`comb/${planned.entityId}`}>
            {whenWords.plannedFor({
              name: planned.content.name,
              day: formatWeekDate(planned.content.day),
            })}
          </PageLink>
        </p>
      )}
    </section>
  );
}
