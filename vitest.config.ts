import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    include: ['{core,web,server,cli}/**/*.test.ts'],
    exclude: ['**/node_modules/**', '**/dist/**'],
  },
});
