import { fileURLToPath } from 'node:url';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  root: fileURLToPath(new URL('.', import.meta.url)),
  plugins: [react(), tailwindcss()],
  build: {
    outDir: 'dist',
    emptyOutDir: true,
    target: 'es2022',
    rolldownOptions: {
      output: {
        codeSplitting: {
          // What every visit fetches anyway, and would come in pieces of a few hundred bytes.
          groups: [
            {
              name: 'store',
              test: /web\/src\/store\/(?:hooks|ids|saving)|core\/meal\/(?:ids|new-meal)|icons\/(?:plus|file-up)\./u,
            },
          ],
        },
      },
    },
  },
  worker: { format: 'es' },
});
