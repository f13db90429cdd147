import { svelte } from '@sveltejs/vite-plugin-svelte';
import { optimizeCss } from 'carbon-preprocess-svelte';
import type { Plugin } from 'vite';
import { defineConfig } from 'vitest/config';

/** The component library's style names fonts on a foreign host; ours come with the application. */
function noForeignFonts(): Plugin {
  return {
    name: 'no-foreign-fonts',
    enforce: 'pre',
    transform(code, id) {
      return id.includes('carbon-components-svelte') && id.endsWith('.css')
        ? { code: code.replace(/@font-face\s*\{[^}]*\}/g, ''), map: null }
        : undefined;
    },
  };
}

export default defineConfig({
  plugins: [noForeignFonts(), svelte(), optimizeCss({ preserveAllIBMFonts: true })],
  build: { target: 'es2022', chunkSizeWarningLimit: 600 },
  resolve: process.env.VITEST ? { conditions: ['browser'] } : {},
  server: { proxy: { '/api': 'http://127.0.0.1:8080' } },
  test: {
    environment: 'jsdom',
    include: ['src/**/*.test.ts'],
    setupFiles: ['src/test-setup.ts'],
    server: { deps: { inline: [/carbon-/] } },
  },
});
