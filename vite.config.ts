import { fileURLToPath } from 'node:url';
import { constants } from 'node:zlib';
import { getRequestListener } from '@hono/node-server';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';
import type * as Server from './src/server/app';
import { compression, defineAlgorithm } from 'vite-plugin-compression2';
import { VitePWA } from 'vite-plugin-pwa';

/** Answers /api as the server does, so that the simulated meter and logger are there under `npm run dev`. */
function apiInDevelopment(): Plugin {
  return {
    name: 'api-in-development',
    apply: 'serve',
    configureServer(vite) {
      const listener = vite
        .ssrLoadModule('/src/server/app.ts')
        .then((loaded) =>
          getRequestListener(
            (loaded as typeof Server).createServerApp({ clientFolder: 'dist/client', demo: false })
              .fetch,
          ),
        );
      vite.middlewares.use((request, response, next) => {
        if (request.url?.startsWith('/api/') !== true) return next();
        void listener.then((answer) => answer(request, response)).catch(next);
      });
    },
  };
}

export default defineConfig({
  plugins: [
    react(),
    tailwindcss(),
    apiInDevelopment(),
    VitePWA({
      registerType: 'prompt',
      injectRegister: null,
      manifest: {
        name: 'Ripenum',
        short_name: 'Ripenum',
        description: 'Is this honey ripe, and good enough to accept?',
        start_url: '/',
        display: 'standalone',
        background_color: '#f4efe4',
        theme_color: '#18233a',
        icons: [
          { src: '/icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' },
          { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
          { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'any maskable' },
        ],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,png,woff,woff2,ttf,json,wasm}'],
        globIgnores: ['**/*cyrillic*'],
        maximumFileSizeToCacheInBytes: 5 * 1024 * 1024,
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//],
        clientsClaim: true,
      },
    }),
    // packed once, while building: the server has nothing to pack for each visit
    compression({
      algorithms: [defineAlgorithm('gzip', { level: 9 })],
      include: /\.(html|js|css|svg|json|ttf|wasm|webmanifest)$/,
    }),
    // what every first visit fetches: a seventh smaller still, for browsers that read it
    compression({
      algorithms: [
        defineAlgorithm('brotliCompress', { params: { [constants.BROTLI_PARAM_QUALITY]: 10 } }),
      ],
      include: /(base|often|index)-[^/]*\.(js|css)$/,
    }),
  ],
  resolve: {
    alias: {
      // Radix's scroll lock writes a <style> element, which the content security policy refuses.
      'react-style-singleton': fileURLToPath(
        new URL('./src/vendor/adoptedStyleSingleton.ts', import.meta.url),
      ),
    },
  },
  build: {
    target: 'es2022',
    outDir: 'dist/client',
    emptyOutDir: true,
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [
            // on the way to nearly every page: one file costs a small phone less than thirty
            { name: 'base', minShareCount: 44 },
            {
              name: 'often',
              minShareCount: 12,
              test: /^(?!.*(chart\.js|@kurkle|papaparse|app.words.english|app.forms.(hives|line|room|store))).*$/,
            },
            { name: 'often', test: /lucide-react/ },
          ],
        },
      },
    },
  },
});
