import { fileURLToPath, URL } from 'node:url'
import vue from '@vitejs/plugin-vue'
import { readFileSync } from 'node:fs'
import { VitePWA } from 'vite-plugin-pwa'
import vuetify from 'vite-plugin-vuetify'
import { defineConfig } from 'vitest/config'
import { early } from './early.ts'

// The one version number, which stands in the build of the server.
const version = /<Version>([\d.]+)</.exec(
  readFileSync(new URL('../../Directory.Build.props', import.meta.url), 'utf8'),
)![1]
const server = process.env.IKUZO_SERVER ?? 'http://127.0.0.1:5180'

export default defineConfig({
  plugins: [
    vue(),
    early(),
    vuetify({ autoImport: true }),
    VitePWA({
      registerType: 'prompt', // never in the middle of a cook
      injectRegister: null,
      manifest: {
        name: 'Ikuzo',
        short_name: 'Ikuzo',
        description: 'Minutes and release for poultry under pressure',
        start_url: '/',
        display: 'standalone',
        theme_color: '#f6f1e4',
        background_color: '#f6f1e4',
        icons: [
          { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
          { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
          { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
        ],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,png,woff2,webmanifest}'],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/(api|hubs|openapi|metrics|home)(\/|$)/],
        cleanupOutdatedCaches: true,
        inlineWorkboxRuntime: true,
      },
    }),
  ],
  define: { __VERSION__: JSON.stringify(version) },
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  build: {
    outDir: '../Ikuzo.Web/wwwroot',
    emptyOutDir: true,
    assetsInlineLimit: 0,
    license: true,
    // Few files: each costs a slow phone some time before anything is painted. What four places or more share is one.
    rolldownOptions: {
      output: {
        codeSplitting: {
          groups: [
            { name: 'base', test: /node_modules/, minShareCount: 4 },
            { name: 'shared', test: /src.(shared|api)/, minShareCount: 4 },
          ],
        },
      },
    },
  },
  server: { proxy: { '/api': server, '/hubs': { target: server, ws: true } } },
  test: {
    environment: 'happy-dom',
    include: ['src/**/*.test.ts'],
    server: { deps: { inline: ['vuetify'] } },
  },
})
