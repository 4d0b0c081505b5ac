/** Runs a TypeScript file with the bundler that the project has: `node scripts/runTs.mjs bench/x.ts`. */
import { mkdirSync } from 'node:fs';
import path from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'vite';

const [entry] = process.argv.slice(2);
if (!entry) {
  console.error('Say which TypeScript file to run.');
  process.exit(1);
}
const outDir = path.resolve('node_modules/.cache/ripenum-run');
mkdirSync(outDir, { recursive: true });
await build({
  configFile: false,
  publicDir: false,
  logLevel: 'warn',
  build: {
    ssr: entry,
    outDir,
    emptyOutDir: true,
    target: 'node20',
    rollupOptions: { output: { entryFileNames: 'run.mjs' } },
  },
});
await import(pathToFileURL(path.join(outDir, 'run.mjs')).href);
