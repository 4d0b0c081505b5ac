import {
  groupName,
  groupsOf,
  notAgain,
  number,
  openedName,
  openingTerms,
  pouredName,
  programme,
  sum,
  wholeName,
  type GuardCut,
  type OpenedSet,
  type Term,
} from './blendModel';
import { usableOf, worthOf, type BlendTask } from './blendTask';

/** Which containers may go into which tanks, by their places. */
export interface TankChoice {
  readonly containers: readonly number[];
  readonly tanks: readonly number[];
  /** whether opening costs, and each tank takes one group only; false where that was settled before */
  readonly isOpen: boolean;
  /** sets of opened containers that are not to come again */
  readonly not: readonly OpenedSet[];
  /** containers that are opened already; opening another costs by the kg */
  readonly used?: OpenedSet;
}

/** Tanks of one size are alike: the fuller one comes first, so that no answer is looked at twice. */
function alikeRows({ containers, tanks }: TankChoice, task: BlendTask): string[] {
  return tanks.slice(1).flatMap((tank, before) => {
    const former = tanks[before]!;
    if (task.tanks[tank]!.capacityKg !== task.tanks[former]!.capacityKg) return [];
    const terms = containers.flatMap((at): Term[] => [
      [1, pouredName(at, tank)],
      [-1, pouredName(at, former)],
    ]);
    return [`${sum(terms)} <= 0`];
  });
}

function amountRows({ containers, tanks, isOpen }: TankChoice, task: BlendTask): string[] {
  const usable = usableOf(task);
  return containers.flatMap((at) => {
    const { massKg } = usable[at]!;
    const all = tanks.map((tank): Term => [1, pouredName(at, tank)]);
    const whole = tanks.map(
      (tank) =>
        `${sum([
          [1, pouredName(at, tank)],
          [-massKg, wholeName(at, tank)],
        ])} = 0`,
    );
    return [
      isOpen
        ? `${sum([...all, [-massKg, openedName(at)]])} <= 0`
        : `${sum(all)} <= ${number(massKg)}`,
      ...(task.wholeOnly ? whole : []),
    ];
  });
}

function groupRows({ tanks }: TankChoice, task: BlendTask): string[] {
  const groups = groupsOf(task);
  return tanks.flatMap((tank) => [
    `${sum(groups.map((_, group): Term => [1, groupName(tank, group)]))} <= 1`,
    ...groups.map((members, group) => {
      const poured = members.map((at): Term => [1, pouredName(at, tank)]);
      return `${sum([...poured, [-task.tanks[tank]!.capacityKg, groupName(tank, group)]])} <= 0`;
    }),
  ]);
}

function binariesOf({ containers, tanks, isOpen }: TankChoice, task: BlendTask): string[] {
  const pairs = containers.flatMap((at) => tanks.map((tank) => ({ at, tank })));
  return [
    ...(isOpen ? containers.map(openedName) : []),
    ...(isOpen
      ? tanks.flatMap((at) => groupsOf(task).map((_, group) => groupName(at, group)))
      : []),
    ...(task.wholeOnly ? pairs.map(({ at, tank }) => wholeName(at, tank)) : []),
  ];
}

/**
 * How much of which container goes into which tank, as a mixed-integer programme in the LP format of
 * CPLEX.
 *
 * @param cuts - limits that stand for the guard band, the same for every tank
 */
export function tankModel(task: BlendTask, choice: TankChoice, cuts: readonly GuardCut[]): string {
  const usable = usableOf(task);
  const { containers, tanks, isOpen, not, used } = choice;
  const room = tanks.map((tank) => {
    const poured = containers.map((at): Term => [1, pouredName(at, tank)]);
    return `${sum(poured)} <= ${number(task.tanks[tank]!.capacityKg)}`;
  });
  const guards = tanks.flatMap((tank) =>
    cuts.map(
      (cut) => `${sum(containers.map((at): Term => [cut[at]!, pouredName(at, tank)]))} <= 0`,
    ),
  );
  const worth = containers.flatMap((at) => {
    const opening = used && !used.has(at) ? task.openingWorthKg / usable[at]!.massKg : 0;
    return tanks.map((tank): Term => [worthOf(usable[at]!, task) - opening, pouredName(at, tank)]);
  });
  return programme({
    objective: [...worth, ...(isOpen ? openingTerms(task, containers) : [])],
    rows: [
      ...amountRows(choice, task),
      ...room,
      ...guards,
      ...alikeRows(choice, task),
      ...(isOpen ? groupRows(choice, task) : []),
      ...(isOpen ? notAgain(containers, not) : []),
    ],
    binaries: binariesOf(choice, task),
  });
}
