/** The browser that Debian ships, started the way that works without a network. */
import { chromium } from '@playwright/test';

export const openBrowser = () =>
  chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--no-first-run'],
  });
