import { defineConfig } from 'vitest/config'

// Unit tests need no page build, and its plugin refuses to start a server where CI is set.
export default defineConfig({
  test: { include: ['tests/Unit/js/**/*.test.ts'], environment: 'node' },
})
