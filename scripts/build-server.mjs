// The server and the threads that work summaries out and print, a file each: our own packages go in, everything from the registry stays outside.
import { build } from 'esbuild'
import { resolve } from 'node:path'

await build({
  entryPoints: {
    main: 'apps/server/src/main.ts',
    printWorker: 'apps/server/src/print/printWorker.ts',
    summaryWorker: 'apps/server/src/designs/summaryWorker.ts',
  },
  outdir: 'dist/server',
  bundle: true,
  platform: 'node',
  target: 'node20',
  format: 'esm',
  sourcemap: true,
  packages: 'external',
  tsconfig: 'apps/server/tsconfig.json',
  alias: {
    '@flint/core/drawing': resolve('packages/core/src/drawing.ts'),
    '@flint/core/editing': resolve('packages/core/src/editing.ts'),
    '@flint/core/figures': resolve('packages/core/src/figures.ts'),
    '@flint/core/files': resolve('packages/core/src/files.ts'),
    '@flint/contract': resolve('packages/contract/src/index.ts'),
  },
  logLevel: 'warning',
})
