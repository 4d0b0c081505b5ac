/**
 * Read by Zod as it starts: validators are not compiled with `new Function`, which the content security
 * policy refuses. (A call of `z.config` is left out of the built application, as one that does nothing.)
 */
Object.assign(globalThis, { __zod_globalConfig: { jitless: true } });
