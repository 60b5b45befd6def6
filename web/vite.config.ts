import { createHash } from 'node:crypto';
import { readFileSync } from 'node:fs';
import tailwind from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { VitePWA } from 'vite-plugin-pwa';
import { viteStaticCopy } from 'vite-plugin-static-copy';
import { defineConfig } from 'vitest/config';
import { guides } from './guides.ts';

/** Changes when what the server answers may have another shape. */
const answers = createHash('sha256').update(readFileSync('openapi.json')).digest('hex');

export default defineConfig({
  plugins: [
    react(),
    tailwind(),
    guides(),
    // What the PDF reader fetches for rare letters, fonts and pictures.
    viteStaticCopy({
      targets: ['cmaps', 'standard_fonts', 'wasm'].map((folder) => ({
        src: `node_modules/pdfjs-dist/${folder}/*`,
        dest: `pdf/${folder}`,
      })),
    }),
    VitePWA({
      // A new version waits until every tab of the old one is closed: nobody is taken away from a page.
      registerType: 'prompt',
      injectRegister: null,
      manifest: {
        name: 'Notchbook',
        short_name: 'Notchbook',
        description: 'A study notebook keyed to the syllabus',
        start_url: '/',
        display: 'standalone',
        // What a phone shares with the installed application is kept in a collection.
        share_target: {
          action: '/shared',
          method: 'POST',
          enctype: 'multipart/form-data',
          params: {
            title: 'title',
            text: 'text',
            url: 'url',
            files: [
              { name: 'files', accept: ['image/*', 'audio/*', 'video/*', 'application/pdf', 'text/*'] },
            ],
          },
        },
        background_color: '#e6ebea',
        theme_color: '#17262d',
        icons: [
          { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
          { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'any maskable' },
        ],
      },
      workbox: {
        // The pictures are those of the guides, which are read without a network too.
        globPatterns: ['**/*.{js,mjs,css,html,svg,woff2}', 'assets/*.png'],
        globIgnores: ['pdf/**'],
        maximumFileSizeToCacheInBytes: 4_000_000,
        importScripts: ['/shared-files.js'],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//, /^\/reading\//, /^\/mails$/],
        runtimeCaching: [
          {
            urlPattern: /\/api\/media\/[^/]+\/screen$/,
            handler: 'CacheFirst',
            options: {
              cacheName: 'pictures',
              expiration: { maxEntries: 300, maxAgeSeconds: 14 * 24 * 3600 },
              cacheableResponse: { statuses: [200] },
            },
          },
        ],
      },
    }),
  ],
  define: { __ANSWERS__: JSON.stringify(answers) },
  // Inlined assets would need data: in the content security policy.
  build: { assetsInlineLimit: 0, chunkSizeWarningLimit: 1200 },
  server: { fs: { allow: ['..'] }, proxy: { '/api': 'http://127.0.0.1:8420' } },
  test: {
    environment: 'jsdom',
    setupFiles: ['src/test/setup.ts'],
    pool: 'threads',
    testTimeout: 30_000,
    maxWorkers: 2,
    projects: [
      // The editor and the PDF reader take seconds to load: once for each worker is enough.
      {
        extends: true,
        test: {
          name: 'screens',
          include: ['src/**/*.test.{ts,tsx}'],
          exclude: ['src/device/**'],
          isolate: false,
        },
      },
      { extends: true, test: { name: 'device', include: ['src/device/**/*.test.ts'] } },
    ],
    reporters: ['default', ['junit', { outputFile: 'target/vitest.xml' }]],
  },
});
