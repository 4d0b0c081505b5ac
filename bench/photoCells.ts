import { photoCapping, type PhotoClass, type SharePoint } from '../src/core';
import { likeliest } from '../src/core/photo/cellClassifier';
import { CELL_MODEL } from '../src/core/photo/cellModel';
import { carried, ontoCorners } from '../src/core/photo/homography';
import { readSide, type ReadSide } from '../src/core/photo/readSide';
import { straightened } from '../src/core/photo/straighten';
import { PHOTO_CLASSES } from '../src/core/photo/photoClasses';
import {
  SECOND_GRADES,
  secondCellAt,
  secondShare,
  type SecondGrade,
} from '../src/core/test/secondComb/layout';
import { secondPicture, type SecondPicture } from '../src/core/test/secondComb/camera';
import { photoGrid } from '../src/model';
import { inverted } from '../src/core/test/secondComb/camera';

/** How many pictures of each grade, and the first seed: those tested are not those tuned by. */
const MANY = Number(process.argv[3] ?? 30);
const FROM = Number(process.argv[4] ?? 9000);
/** One grade alone, where it is named after the word `all` or `short`. */
const ONLY = process.argv[6];
const WIDTH = 1000;

interface Tried {
  readonly share: number;
  readonly off: number;
  readonly doubt: number;
  readonly within: boolean;
  readonly width: number;
  readonly pairs: readonly {
    readonly truth: PhotoClass;
    readonly read: ReadSide['points'][number];
  }[];
}

function tried(picture: SecondPicture): Tried | null {
  const flat = straightened(picture.picture, picture.corners, WIDTH);
  const read = readSide(flat, photoGrid(), CELL_MODEL);
  if (!read) return null;
  const { layout } = picture;
  const points: SharePoint[] = read.points.map(({ chances }, at) => ({
    cell: chances,
    tile: read.tiles[at]!,
    set: null,
  }));
  const capping = photoCapping(points, read.doubt);
  const share = secondShare(layout);
  const onto = ontoCorners(flat.width, flat.height, picture.corners);
  const back = inverted(picture.corners, layout);
  const pairs = read.points.map((point) => {
    const seen = carried(onto, point.at.x, point.at.y);
    const { x, y } = carried(back, seen.x, seen.y);
    return { truth: layout.cells[secondCellAt(layout, x, y)] as PhotoClass, read: point };
  });
  return {
    share,
    off: capping ? capping.share - share : NaN,
    doubt: read.doubt,
    within: capping !== null && share >= capping.low && share <= capping.high,
    width: capping ? capping.high - capping.low : NaN,
    pairs,
  };
}

const percent = (value: number): string => `${(100 * value).toFixed(1)} %`;
const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / Math.max(1, values.length);

/** How often what was said with a certainty was so, in five steps. */
function reliability(pairs: Tried['pairs']): string {
  const steps = Array.from({ length: 5 }, () => ({ said: 0, so: 0, count: 0 }));
  for (const { truth, read } of pairs) {
    const found = likeliest(read.chances);
    const step = steps[Math.min(4, Math.floor(5 * read.chances[found]))]!;
    step.said += read.chances[found];
    step.so += truth === found ? 1 : 0;
    step.count += 1;
  }
  return steps
    .filter(({ count }) => count > 0)
    .map(
      ({ said, so, count }) => `${(said / count).toFixed(2)}→${(so / count).toFixed(2)} (${count})`,
    )
    .join('  ');
}

for (const grade of (ONLY ? [ONLY] : SECOND_GRADES) as readonly SecondGrade[]) {
  const all = Array.from({ length: MANY }, (_, at) => tried(secondPicture(FROM + at, grade)));
  const read = all.filter((one) => one !== null);
  const pairs = read.flatMap((one) => one.pairs);
  const offs = read.map(({ off }) => off).filter((off) => !Number.isNaN(off));
  const brier = mean(
    pairs.map(({ truth, read: point }) =>
      PHOTO_CLASSES.reduce(
        (sum, name) => sum + (point.chances[name] - (name === truth ? 1 : 0)) ** 2,
        0,
      ),
    ),
  );
  console.log(
    `${grade}: ${read.length} of ${MANY} read; points right ${percent(mean(pairs.map((pair) => (likeliest(pair.read.chances) === pair.truth ? 1 : 0))))}, Brier ${brier.toFixed(3)}`,
  );
  console.log(
    `  share: rms ${percent(Math.sqrt(mean(offs.map((off) => off * off))))}, mean ${percent(mean(offs))}, within the stated 95 % ${percent(mean(read.map(({ within }) => (within ? 1 : 0))))}, mean width ${percent(mean(read.map(({ width }) => width)))}`,
  );
  console.log(`  certainty said → so: ${reliability(pairs)}`);
  for (const name of PHOTO_CLASSES) {
    const own = pairs.filter(({ truth }) => truth === name);
    if (own.length > 0)
      console.log(
        `  ${name.padEnd(8)} right ${percent(mean(own.map((pair) => (likeliest(pair.read.chances) === name ? 1 : 0))))} of ${own.length}`,
      );
  }
  if (process.argv[5] === 'all')
    console.log(
      read.map(({ off, doubt }) => `${(100 * off).toFixed(0)}(${doubt.toFixed(2)})`).join(' '),
    );
}
