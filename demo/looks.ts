import { type FrameLook, freshLook, freshSide } from '../src/model';

/** Tenths capped on side A and side B, and what else was seen. */
export interface DemoLook {
  readonly sides: readonly [number, number];
  readonly change?: Partial<FrameLook>;
  readonly honeyTenths?: number;
  readonly broodTenths?: number;
  readonly shake?: FrameLook['sides'][number]['shake'];
  readonly colour?: FrameLook['sides'][number]['colour'];
}

const look = (a: number, b: number, rest: Omit<DemoLook, 'sides'> = {}): DemoLook => ({
  sides: [a, b],
  ...rest,
});

/** A day's looks at one box, from its first place on. */
export interface DemoBoxLooks {
  readonly hive: string;
  readonly box: string;
  readonly looks: readonly DemoLook[];
}

/** The first visit to the marsh, nine days ago: too early. */
export const FIRST_VISIT: readonly DemoBoxLooks[] = [
  {
    hive: 'Hive 21',
    box: 'Box 2',
    looks: [look(1, 0), look(3, 2), look(4, 4), look(5, 4), look(4, 3), look(2, 2)],
  },
];

/** The second visit, today; some boxes are still to be judged. */
export const SECOND_VISIT: readonly DemoBoxLooks[] = [
  {
    hive: 'Hive 21',
    box: 'Box 1',
    looks: [
      look(7, 6, { shake: 'nothing-fell', colour: 'light' }),
      look(9, 9, { colour: 'light' }),
      look(10, 10, { colour: 'light' }),
      look(10, 9, { colour: 'light' }),
      look(10, 10, { colour: 'amber' }),
      look(10, 10, { colour: 'light' }),
      look(9, 8, { colour: 'light' }),
      look(9, 4, { colour: 'mixed' }),
      look(8, 8, { colour: 'light' }),
      look(5, 4, { honeyTenths: 7, shake: 'drops', colour: 'light' }),
    ],
  },
  {
    hive: 'Hive 21',
    box: 'Box 2',
    looks: [
      look(3, 2, { colour: 'very-light' }),
      look(8, 7, { shake: 'nothing-fell', colour: 'very-light' }),
      look(9, 9, { colour: 'very-light' }),
      look(9, 8, { colour: 'very-light' }),
    ],
  },
  {
    hive: 'Hive 22',
    box: 'Box 1',
    looks: [look(10, 10), look(10, 9), look(10, 10)],
  },
  {
    hive: 'Hive 23',
    box: 'Brood box',
    looks: [
      look(9, 9, { change: { brood: 'none' } }),
      look(10, 9, { honeyTenths: 9, broodTenths: 1, change: { brood: 'few-cells' } }),
      look(10, 10, { honeyTenths: 3, broodTenths: 7, change: { brood: 'nest' } }),
      look(10, 10, { honeyTenths: 2, broodTenths: 8, change: { brood: 'nest', queenSeen: true } }),
      look(10, 10, { honeyTenths: 3, broodTenths: 7, change: { brood: 'nest' } }),
      look(10, 10, { honeyTenths: 10 }),
      look(9, 9, { honeyTenths: 10 }),
      look(9, 9, { honeyTenths: 10 }),
    ],
  },
  {
    hive: 'Hive 24',
    box: 'Box 1',
    looks: [look(10, 9), look(9, 9), look(8, 9, { change: { beetles: 'adults' } })],
  },
  {
    hive: 'Hive 1',
    box: 'Sections',
    looks: [
      look(9, 9, { change: { pieces: 'rrrrnrrn' } }),
      look(6, 5, { change: { pieces: 'nrrnnnrn' } }),
    ],
  },
];

/** A box of beans, five weeks ago, that became a lot. */
export const BEAN_BOX: readonly DemoBoxLooks[] = [
  {
    hive: 'Hive 7',
    box: 'Box 1',
    looks: [
      look(8, 8, { shake: 'nothing-fell', colour: 'amber' }),
      look(8, 9, { colour: 'amber' }),
      look(9, 9, { colour: 'amber' }),
      look(9, 8, { colour: 'amber' }),
      look(8, 8, { colour: 'amber' }),
      look(9, 8, { colour: 'amber' }),
      look(8, 7, { shake: 'nothing-fell', colour: 'amber' }),
      look(7, 7, { shake: 'nothing-fell', colour: 'amber' }),
    ],
  },
];

/** The look as a record keeps it. */
export function lookContent(demo: DemoLook): FrameLook {
  const fresh = freshLook();
  const sides = demo.sides.map((cappedTenths) => ({
    ...freshSide(),
    quick: {
      honeyTenths: demo.honeyTenths ?? 10,
      cappedTenths,
      undrawnTenths: 0,
      broodTenths: demo.broodTenths ?? 0,
    },
    shake: demo.shake ?? ('not-done' as const),
    colour: demo.colour ?? ('unseen' as const),
  }));
  return { ...fresh, combTemperatureC: 27, ...demo.change, sides };
}
