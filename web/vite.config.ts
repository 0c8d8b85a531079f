import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vite'
import vuetify from 'vite-plugin-vuetify'

const server = process.env.RECKONROD_SERVER ?? 'http://127.0.0.1:8177'

export default defineConfig({
  plugins: [vue(), vuetify({ autoImport: true })],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  // What many screens use comes as one file: twenty small ones cost the first screen half a second.
  build: {
    rolldownOptions: {
      output: { codeSplitting: { groups: [{ name: 'shared', minShareCount: 4 }] } },
    },
  },
  server: { proxy: { '/api': server } },
})
