import { fileURLToPath } from 'node:url';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

export default defineConfig({
  plugins: [
    react(),
    tailwindcss(),
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
  ],
  resolve: {
    alias: {
      // Radix's scroll lock writes a <style> element, which the content security policy refuses.
      'react-style-singleton': fileURLToPath(
        new URL('./src/vendor/adoptedStyleSingleton.ts', import.meta.url),
      ),
    },
  },
  build: { target: 'es2022', outDir: 'dist/client', emptyOutDir: true },
});
