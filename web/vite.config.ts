import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defaultClientConditions, defineConfig } from 'vite';
import { compression, defineAlgorithm } from 'vite-plugin-compression2';
import { VitePWA } from 'vite-plugin-pwa';
import { constants } from 'node:zlib';

export default defineConfig({
  plugins: [
    react(),
    tailwindcss(),
    VitePWA({
      strategies: 'injectManifest',
      srcDir: 'src',
      filename: 'sw.ts',
      registerType: 'prompt',
      injectRegister: false,
      manifest: false,
      injectManifest: {
        globPatterns: ['**/*.{js,css,html,svg,woff2}'],
        // Scripts of the typefaces that nothing here is written in.
        globIgnores: ['**/*-{vietnamese,cyrillic,greek}*'],
        rollupFormat: 'es',
        maximumFileSizeToCacheInBytes: 6e6,
      },
    }),
    // What is served is compressed once, at the build.
    compression({
      include: /\.(js|css|html|svg|json|wasm)$/,
      threshold: 1024,
      algorithms: [
        'gzip',
        defineAlgorithm('brotliCompress', { params: { [constants.BROTLI_PARAM_QUALITY]: 9 } }),
      ],
    }),
  ],
  resolve: {
    conditions: ['source', ...defaultClientConditions],
    // Joi's own entry is for Node.
    alias: { joi: 'joi/dist/joi-browser.min.mjs' },
  },
  worker: { format: 'es' },
  build: { target: 'es2023', sourcemap: false, chunkSizeWarningLimit: 900 },
  server: { proxy: { '/api': 'http://127.0.0.1:4310' } },
});
