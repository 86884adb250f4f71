import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [react(), tailwindcss()],
  build: {
    // The Content-Security-Policy lets a page load files of this server, nothing written into it.
    assetsInlineLimit: 0,
    modulePreload: { polyfill: false },
    // The application, and the page of the box of simulated gauges.
    rollupOptions: { input: ['index.html', 'gauges.html'] },
  },
  server: { proxy: { '/api': 'http://localhost:8080' } },
  test: {
    environment: 'jsdom',
    include: ['src/**/*.test.{ts,tsx}'],
    setupFiles: ['src/test-setup.ts'],
    restoreMocks: true,
    // How long is no matter here: what other work the machine does is no fault of a page.
    testTimeout: 30_000,
  },
});
