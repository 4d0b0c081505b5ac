import { Hono, type Context } from 'hono';
import { createMiddleware } from 'hono/factory';
import { bodyLimit } from 'hono/body-limit';
import { MOST_BYTES, SLOT, type Brought, type LetterBoxes } from '../letterBox';

type Refusal = readonly [status: 400 | 409 | 410 | 413 | 429 | 503, code: string, message: string];

const NO_BOX: Refusal = [410, 'no-box', 'No letter box is open under this code any more.'];
const TAKEN: Refusal = [409, 'taken', 'Two devices have this code already.'];
const BUSY: Refusal = [
  503,
  'busy',
  'Too many devices are meeting here. Try again in some minutes.',
];
const FULL: Refusal = [
  429,
  'full',
  'Letters are waiting to be taken. Bring this one again shortly.',
];
const TOO_LARGE: Refusal = [413, 'too-large', 'A letter is larger than it may be.'];
const NO_NAME: Refusal = [400, 'bad-name', 'A letter box or a letter has no such name.'];

const refuse = (context: Context, [status, code, message]: Refusal) =>
  context.json({ error: { code, message } }, status);

const REFUSALS: Readonly<Record<Exclude<Brought, 'kept'>, Refusal>> = {
  full: FULL,
  taken: TAKEN,
  'no-box': NO_BOX,
};

const BOX = /^[0-9a-f]{32}$/;

const wellNamed = createMiddleware<object>(async (context, next) => {
  const { box = '', slot } = context.req.param() as { box?: string; slot?: string };
  const isGood = BOX.test(box) && (slot === undefined || SLOT.test(slot));
  return isGood ? next() : refuse(context, NO_NAME);
});

/** The letter box: two devices leave sealed letters for one another. What they hold is not known here. */
export function letterRoutes(boxes: LetterBoxes, addresses: readonly string[] = []): Hono {
  const routes = new Hono();
  routes.get('/', (context) => context.json({ addresses }));
  routes.use('/:box/:slot?', wellNamed);
  routes.put('/:box', (context) => {
    const isOpen = boxes.open(context.req.param('box'));
    return isOpen ? context.body(null, 201) : refuse(context, BUSY);
  });
  routes.put(
    '/:box/:slot',
    bodyLimit({ maxSize: MOST_BYTES, onError: (context) => refuse(context, TOO_LARGE) }),
    async (context) => {
      const letter = new Uint8Array(await context.req.arrayBuffer());
      const { box, slot } = context.req.param();
      const brought = boxes.bring(box, slot, letter);
      return brought === 'kept' ? context.body(null, 201) : refuse(context, REFUSALS[brought]);
    },
  );
  routes.get('/:box/:slot', (context) => {
    const found = boxes.find(context.req.param('box'), context.req.param('slot'));
    if (found === 'no-box') return refuse(context, NO_BOX);
    if (found === 'not-yet') return context.body(null, 204);
    return context.body(found as Uint8Array<ArrayBuffer>, 200, {
      'Content-Type': 'application/octet-stream',
      'Cache-Control': 'no-store',
    });
  });
  routes.delete('/:box/:slot', (context) => {
    boxes.taken(context.req.param('box'), context.req.param('slot'));
    return context.body(null, 204);
  });
  return routes;
}
