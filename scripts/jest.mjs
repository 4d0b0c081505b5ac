/** Jest, with the loader that lets plain Node read TypeScript: `npm run jest -- src/core/moisture`. */
import { spawnSync } from 'node:child_process';

const { status } = spawnSync(
  process.execPath,
  ['node_modules/jest/bin/jest.js', ...process.argv.slice(2)],
  {
    stdio: 'inherit',
    env: {
      ...process.env,
      // processes that Jest starts read it, too; pages make much that is soon thrown away
      NODE_OPTIONS:
        '--import tsx --experimental-vm-modules --disable-warning=ExperimentalWarning --max-semi-space-size=128',
      TSX_TSCONFIG_PATH: 'scripts/jest/tsconfig.json',
    },
  },
);
process.exitCode = status ?? 1;
