import react from '@vitejs/plugin-react'
import { defineConfig } from 'vite'

export default defineConfig({
  plugins: [react()],
  build: {
    outDir: '../../dist/web',
    emptyOutDir: true,
    // Beside the page, since the server reads it to tell browsers what a screen is made of.
    manifest: 'manifest.json',
    target: 'es2022',
    chunkSizeWarningLimit: 1_000,
    rolldownOptions: {
      // The page itself is an entry too, though the first script fetches it: so it is one file with all that it needs.
      input: ['index.html', 'src/main.tsx'],
      output: {
        codeSplitting: {
          groups: [
            // The first script and what it is made of, or it would have to wait for the rest.
            {
              name: 'early',
              test: /early\.ts$|firstThread\.ts$|linkKey\.ts$|designPath\.ts$|comlink|preload-helper/,
              priority: 4,
            },
            // What every screen needs comes as one file: fetching dozens of small ones takes longer than their contents.
            { name: 'start', tags: ['$initial'], priority: 3 },
            // Charts come with the first chart.
            { name: 'charts', test: /node_modules[\\/](recharts|d3-|victory-vendor)/, priority: 2 },
            // What some screens share comes with few files, even where a screen then gets some that it does not need.
            {
              name: 'shared',
              minShareCount: 2,
              entriesAware: true,
              entriesAwareMergeThreshold: 60_000,
            },
          ],
        },
      },
    },
  },
  server: { port: 4811, proxy: { '/api': 'http://127.0.0.1:4810' } },
})
