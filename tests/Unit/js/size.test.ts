import { readFileSync } from 'node:fs'
import { gzipSync } from 'node:zlib'
import { describe, expect, it } from 'vitest'

interface Built {
  file: string
  imports?: string[]
}

const built = JSON.parse(readFileSync('public/build/manifest.json', 'utf8')) as Record<string, Built>

/** Script that is fetched before a page shows anything, kilobytes as they travel. */
function scriptOf(entry: string): number {
  const seen = new Set<string>()
  const walk = (name: string) => {
    if (seen.has(name)) return
    seen.add(name)
    for (const more of built[name]?.imports ?? []) walk(more)
  }
  walk(entry)
  const files = [...seen].map((name) => readFileSync(`public/build/${built[name]?.file ?? ''}`))
  return files.reduce((sum, file) => sum + gzipSync(file).length, 0) / 1000
}

describe('what has to be fetched', () => {
  it('is within 120 kB of script for the Floor, and within 160 kB for the first load of any other place', () => {
    expect(scriptOf('resources/js/floor.tsx')).toBeLessThanOrEqual(120)
    expect(scriptOf('resources/js/main.tsx')).toBeLessThanOrEqual(160)
  })

  it('is kept by the browser: both pages, and every script and style that was built', () => {
    const worker = readFileSync('public/build/sw.js', 'utf8')
    for (const { file } of Object.values(built)) {
      if (/\.(js|css)$/.test(file)) expect(worker, file).toContain(`/build/${file}`)
    }
    expect(worker).toMatch(/url:"\/floor\/0"|"url":"\/floor\/0"/)
  })
})
