import { isIP } from 'node:net';
import { createMiddleware } from 'hono/factory';

/** The name that a request was sent to, without its port and the brackets of IPv6. */
export function nameAsked(host: string): string {
  const name = /^\[(.*)\](:\d+)?$/.exec(host)?.[1] ?? host.replace(/:\d+$/, '');
  return name.toLowerCase();
}

/**
 * Refuses requests that were sent to another name: a page of somebody else could have its own name point
 * here, and would then read what only this house may. Numbers cannot be pointed anywhere.
 *
 * @param names - names under which this server is known, beside localhost
 */
export function knownHost(names: readonly string[]) {
  const known = new Set(['localhost', ...names.map((name) => name.toLowerCase())]);
  return createMiddleware(async (context, next) => {
    const name = nameAsked(context.req.header('host') ?? new URL(context.req.url).host);
    if (known.has(name) || isIP(name) !== 0) return next();
    const message = `Ripenum is not known as “${name}” here. Start it with --name ${name} if it should be.`;
    return context.json({ error: { code: 'other-host', message } }, 421);
  });
}
