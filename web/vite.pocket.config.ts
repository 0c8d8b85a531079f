import { defineConfig } from 'vite'

/** The script of the page for the pocket, as one piece. */
export default defineConfig({
  publicDir: false,
  build: {
    outDir: 'dist-pocket',
    lib: { entry: 'pocket/pocket.ts', formats: ['iife'], name: 'pocket', fileName: () => 'pocket.js' },
  },
})
