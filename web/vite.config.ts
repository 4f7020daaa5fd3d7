import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react()],
  // Straight into the application's classes: one place, no stale assets.
  build: { outDir: '../app/target/classes/static', emptyOutDir: true, assetsInlineLimit: 0 },
  // The host stays the page's own, since the application refuses writes from another origin.
  server: { proxy: { '/api': { target: 'http://127.0.0.1:8080', changeOrigin: false } } },
  // No test here is about speed: a busy machine may take its time.
  test: { environment: 'jsdom', setupFiles: './src/test/setup.ts', testTimeout: 30_000 },
});
