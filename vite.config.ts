import tailwindcss from '@tailwindcss/vite'
import react from '@vitejs/plugin-react'
import laravel from 'laravel-vite-plugin'
import { createHash } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { defineConfig } from 'vite'
import { VitePWA } from 'vite-plugin-pwa'

/** The two pages everything is drawn on: kept by the browser, and fetched anew with every build. */
function pages() {
  const view = readFileSync('resources/views/app.blade.php')
  const built = readFileSync('public/build/manifest.json')
  const revision = createHash('sha256').update(view).update(built).digest('hex').slice(0, 16)
  return ['/', '/floor/0'].map((url) => ({ url, revision, size: 0 }))
}

export default defineConfig({
  plugins: [
    laravel({ input: ['resources/js/main.tsx', 'resources/js/floor.tsx'], refresh: false }),
    react(),
    tailwindcss(),
    VitePWA({
      outDir: 'public/build',
      buildBase: '/build/',
      base: '/',
      scope: '/',
      injectRegister: null,
      // It stands in public/manifest.webmanifest.
      manifest: false,
      strategies: 'injectManifest',
      srcDir: 'resources/js',
      filename: 'sw.ts',
      injectManifest: {
        globPatterns: ['assets/**/*.{js,css}', 'assets/*-latin-*.woff2'],
        modifyURLPrefix: { 'assets/': '/build/assets/' },
        manifestTransforms: [(entries) => ({ manifest: [...entries, ...pages()], warnings: [] })],
      },
    }),
  ],
  build: { chunkSizeWarningLimit: 900 },
})
