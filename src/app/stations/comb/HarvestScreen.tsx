import { useState, type ReactElement } from 'react';
import { useParams } from 'react-router';
import { flowOf, type HarvestDay, climateOfDay } from '../../../model';
import { useExpectation } from '../../data/useExpectation';
import { useHarvest } from '../../data/useHarvest';
import { useCombPlace, type CombPlace } from '../../data/useCombPlace';
import { formatDay } from '../../format/dates';
import { Button } from '../../ui/Button';
import { NothingHere } from '../../ui/page/NothingHere';
import { PageLink } from '../../ui/page/PageLink';
import { Waiting } from '../../ui/page/Waiting';
import { BoxesSection } from './parts/BoxesSection';
import { CropSlab } from './parts/CropSlab';
import { DayCautions } from './parts/DayCautions';
import { GuessesSection } from './parts/GuessesSection';
import { HarvestSheet } from './parts/HarvestSheet';
import { SchoolsSection } from './parts/SchoolsSection';
import { StaysSection } from './parts/StaysSection';
import { SurveysSection } from './parts/SurveysSection';
import { TallySection } from './parts/TallySection';
import { TIMING_NAMES } from './words';
import { combWords } from '../../words/english/comb';

function DayHeader({ day }: { day: HarvestDay }): ReactElement {
  const [changing, setChanging] = useState(false);
  const [combPlace] = useCombPlace();
  const { harvest, book, judging } = day;
  const boxId = nextBoxId(day, combPlace);
  const { content } = harvest;
  const flow = flowOf(book, content.flowId)?.content.name;
  const facts = [formatDay(content.day), flow, judging.school.name, TIMING_NAMES[content.timing]];
  return (
    <header className="flex flex-wrap items-end justify-between gap-3 pt-5">
      <div className="grow basis-72">
        <h1 className="text-4xl leading-tight font-bold">{content.name}</h1>
        <p className="mt-1 text-lg text-ink-soft">
          {facts.filter((fact) => fact !== undefined).join(' · ')}
        </p>
        {content.remark !== '' && <p className="mt-1 text-lg">{content.remark}</p>}
      </div>
      <div className="flex flex-wrap gap-3">
        <Button className="min-h-14" onClick={() => setChanging(true)}>
          {combWords.ruleFlowDay()}
        </Button>
        <PageLink to={`comb/${harvest.entityId}/lots`}>{combWords.makeLots2()}</PageLink>
        {boxId !== null && (
          <PageLink tone="ink" to={`comb/${harvest.entityId}/box/${boxId}`}>
            {combWords.judgeTheNextFrame()}
          </PageLink>
        )}
      </div>
      <HarvestSheet book={book} harvest={harvest} open={changing} onOpenChange={setChanging} />
    </header>
  );
}

function DayView({ day }: { day: HarvestDay }): ReactElement {
  const climate = climateOfDay(day);
  const expectation = useExpectation(climate);
  return (
    <>
      <DayHeader day={day} />
      <div className="mt-5 grid gap-x-10 gap-y-8 wide:grid-cols-[minmax(0,1fr)_minmax(0,27rem)]">
        <div className="wide:order-2">
          <CropSlab day={day} expectation={expectation} climate={climate} />
        </div>
        <div className="space-y-8">
          <TallySection day={day} />
          <BoxesSection day={day} />
          <SurveysSection day={day} />
        </div>
      </div>
      <div className="mt-8 space-y-8">
        <SchoolsSection day={day} expectation={expectation} />
        <div className="grid gap-x-10 gap-y-8 wide:grid-cols-2">
          <StaysSection day={day} />
          <GuessesSection day={day} />
        </div>
        <DayCautions day={day} />
      </div>
    </>
  );
}

/** The box to go on with: the one last in hand, else the first that is begun, else the first. */
function nextBoxId(
  { book, judged, harvest }: HarvestDay,
  combPlace: CombPlace | null,
): string | null {
  if (combPlace?.harvestId === harvest.entityId) return combPlace.boxId;
  const boxes = book.boxes.filter((box) => box.content.boxKind === 'box');
  const counts = new Map<string, number>();
  for (const { check } of judged) counts.set(check.boxId, (counts.get(check.boxId) ?? 0) + 1);
  const begun = boxes.find(({ entityId, content }) => {
    const count = counts.get(entityId) ?? 0;
    return count > 0 && count < content.slots;
  });
  return (begun ?? boxes[0])?.entityId ?? null;
}

/** A day at the hives: what is taken, what it amounts to, and what is still to judge. */
export function HarvestScreen(): ReactElement {
  const { harvestId = '' } = useParams();
  const state = useHarvest(harvestId);
  if (state.status === 'loading') return <Waiting />;
  return state.status === 'missing' ? <NothingHere /> : <DayView day={state.day} />;
}
