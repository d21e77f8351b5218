import { svelte } from '@sveltejs/vite-plugin-svelte';
import { svelteTesting } from '@testing-library/svelte/vite';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  plugins: [svelte(), svelteTesting()],
  build: {
    target: 'es2022',
    // The content security policy allows no data: addresses, so nothing is inlined.
    assetsInlineLimit: 0,
    modulePreload: { polyfill: false },
  },
  server: { proxy: { '/api': 'http://localhost:8484' } },
  // A page of its own for every file would take twenty times as long as the tests.
  test: { environment: 'jsdom', include: ['src/**/*.test.ts'], pool: 'threads', isolate: false },
});
