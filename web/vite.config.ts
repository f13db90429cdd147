import { svelte } from '@sveltejs/vite-plugin-svelte';
import { optimizeCss } from 'carbon-preprocess-svelte';
import { readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { gzipSync } from 'node:zlib';
import type { Plugin } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
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

/** Each text is packed once here, and not again by the server for each who asks. */
function packedOnce(): Plugin {
  return {
    name: 'packed-once',
    enforce: 'post',
    closeBundle: {
      order: 'post',
      sequential: true,
      handler() {
        const dist = fileURLToPath(new URL('dist', import.meta.url));
        for (const name of readdirSync(dist, { recursive: true, encoding: 'utf8' })) {
          if (/\.(js|css|html|svg|webmanifest)$/.test(name)) {
            const file = join(dist, name);
            writeFileSync(`${file}.gz`, gzipSync(readFileSync(file), { level: 9 }));
          }
        }
      },
    },
  };
}

export default defineConfig({
  plugins: [
    noForeignFonts(),
    svelte(),
    optimizeCss({ preserveAllIBMFonts: true }),
    // Everything is there out of reach; what is said to the server never goes through it.
    VitePWA({
      injectRegister: null,
      registerType: 'autoUpdate',
      includeAssets: ['mark.svg'],
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2}'],
        maximumFileSizeToCacheInBytes: 4_000_000,
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//, /^\/actuator\//, /^\/v3\//, /\.[a-z0-9]+$/],
      },
      manifest: {
        name: 'Unimetric',
        short_name: 'Unimetric',
        description: 'Torque, order, tools and records for fitting parts',
        start_url: '/',
        display: 'standalone',
        background_color: '#262a3f',
        theme_color: '#262a3f',
        icons: [{ src: '/mark.svg', sizes: 'any', type: 'image/svg+xml' }],
      },
    }),
    packedOnce(),
  ],
  build: { target: 'es2022', chunkSizeWarningLimit: 800 },
  resolve: {
    alias: {
      '@replay': fileURLToPath(new URL('../tablet/target/browser/replay.js', import.meta.url)),
    },
    ...(process.env.VITEST ? { conditions: ['browser'] } : {}),
  },
  server: { proxy: { '/api': 'http://127.0.0.1:8080' } },
  test: {
    environment: 'jsdom',
    include: ['src/**/*.test.ts'],
    setupFiles: ['src/test-setup.ts'],
    server: { deps: { inline: [/carbon-/] } },
  },
});
