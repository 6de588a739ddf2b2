// One file for the server: our own packages go in, everything from the registry stays outside.
import { build } from 'esbuild'
import { resolve } from 'node:path'

await build({
  entryPoints: ['apps/server/src/main.ts'],
  outfile: 'dist/server/main.js',
  bundle: true,
  platform: 'node',
  target: 'node20',
  format: 'esm',
  sourcemap: true,
  packages: 'external',
  tsconfig: 'apps/server/tsconfig.json',
  alias: {
    '@flint/core': resolve('packages/core/src/index.ts'),
    '@flint/contract': resolve('packages/contract/src/index.ts'),
  },
  logLevel: 'warning',
})
