import { fileURLToPath, URL } from 'node:url'
import vue from '@vitejs/plugin-vue'
import vuetify from 'vite-plugin-vuetify'
import { defineConfig } from 'vitest/config'

const server = process.env.IKUZO_SERVER ?? 'http://127.0.0.1:5180'

export default defineConfig({
  plugins: [vue(), vuetify({ autoImport: true })],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  build: {
    outDir: '../Ikuzo.Web/wwwroot',
    emptyOutDir: true,
    assetsInlineLimit: 0,
    license: true,
  },
  server: { proxy: { '/api': server, '/hubs': { target: server, ws: true } } },
  test: {
    environment: 'happy-dom',
    include: ['src/**/*.test.ts'],
    server: { deps: { inline: ['vuetify'] } },
  },
})
