import { defineConfig } from 'vite';

// The service worker is a script of its own, at the root, for it answers for every page; bin/worker.mjs then writes into it what it keeps.
export default defineConfig({
  publicDir: false,
  build: {
    outDir: 'build/worker',
    emptyOutDir: true,
    rollupOptions: { input: 'resources/js/worker.js', output: { format: 'iife', entryFileNames: 'sw.js' } },
  },
  define: { 'process.env.NODE_ENV': '"production"' },
});
