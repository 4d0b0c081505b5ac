import { existsSync } from 'node:fs';

/** Debian's Chromium without a window is a third quicker; where it is not there, the whole browser does. */
const SHELL = '/usr/bin/chromium-headless-shell';
export const BROWSER = existsSync(SHELL) ? SHELL : '/usr/bin/chromium';
