import { addDays, parseISO } from 'date-fns';
import { useState } from 'react';
import { robbingSteps, type RobbedPlace, type Robber, type RobbingStep } from '../../../core';
import { useAppDispatch } from '../../../store';
import { useBook, useHoneyHouse } from '../../data/useWorkspaceModel';
import { isoDay, isoToday } from '../../format/dates';
import { goOnTomorrow, lineGoesOnTomorrow } from '../../acts/tomorrowActs';

/** Something of today that goes on tomorrow. */
export interface Postponed {
  readonly id: string;
  readonly name: string;
  readonly press: () => void;
}

/** What to do against robbers, what of it is done, and what of today goes on tomorrow. */
export function useRobbingController() {
  const dispatch = useAppDispatch();
  const [place, setPlace] = useState<RobbedPlace>('hives');
  const [robber, setRobber] = useState<Robber>('bees');
  const [done, setDone] = useState<readonly RobbingStep[]>([]);
  const { harvests } = useBook();
  const { days } = useHoneyHouse();
  const today = isoToday();
  const tomorrow = isoDay(addDays(parseISO(today), 1));
  const goesOn = (name: string): boolean =>
    harvests.some(({ content }) => content.day === tomorrow && content.name === name);
  const visits = harvests
    .filter(({ content }) => content.day === today && !goesOn(content.name))
    .map((harvest): Postponed => ({
      id: harvest.entityId,
      name: harvest.content.name,
      press: () => void dispatch(goOnTomorrow(harvest, tomorrow)),
    }));
  const lines = days
    .map(({ extraction }) => extraction)
    .filter(({ content }) => content.day === today && content.startedAt === null)
    .map((extraction): Postponed => ({
      id: extraction.entityId,
      name: extraction.content.name,
      press: () => void dispatch(lineGoesOnTomorrow(extraction, tomorrow)),
    }));
  return {
    place,
    setPlace,
    robber,
    setRobber,
    steps: robbingSteps(place, robber),
    done,
    toggle: (step: RobbingStep) =>
      setDone((now) => (now.includes(step) ? now.filter((each) => each !== step) : [...now, step])),
    postponed: place === 'house' ? lines : visits,
  };
}
