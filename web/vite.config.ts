import tailwind from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react(), tailwind()],
  // Inlined assets would need data: in the content security policy.
  build: { assetsInlineLimit: 0, chunkSizeWarningLimit: 1200 },
  server: { proxy: { '/api': 'http://127.0.0.1:8420' } },
  test: {
    environment: 'jsdom',
    setupFiles: ['src/test/setup.ts'],
    reporters: ['default', ['junit', { outputFile: 'target/vitest.xml' }]],
  },
});
