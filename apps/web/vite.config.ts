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
    chunkSizeWarningLimit: 900,
  },
  server: { port: 4811, proxy: { '/api': 'http://127.0.0.1:4810' } },
})
