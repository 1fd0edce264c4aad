import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'

const css = readFileSync(new URL('./app.css', import.meta.url), 'utf8')

/** The colours of a theme: those given to daisyUI and those of the drawings. */
function colours(theme: 'daylight' | 'lamplight'): Readonly<Record<string, string>> {
  const blocks = [
    new RegExp(`@plugin 'daisyui/theme' \\{\\s*name: '${theme}';([^}]*)\\}`),
    theme === 'daylight' ? /:root \{([^}]*)\}/ : /\[data-theme='lamplight'\] \{([^}]*)\}/,
  ].map((pattern) => pattern.exec(css)![1]!)
  return Object.fromEntries([...blocks.join('').matchAll(/--(?:color-)?([\w-]+): (#[0-9a-f]{6});/g)].map((m) => [m[1]!, m[2]!]))
}

/** Relative luminance and contrast ratio as in WCAG 2.2, 1.4.3. */
function luminance(hex: string): number {
  const [r, g, b] = [1, 3, 5]
    .map((i) => parseInt(hex.slice(i, i + 2), 16) / 255)
    .map((c) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4))
  return 0.2126 * r! + 0.7152 * g! + 0.0722 * b!
}

const contrast = (a: string, b: string) => {
  const [light, dark] = [luminance(a), luminance(b)].sort((x, y) => y - x)
  return (light! + 0.05) / (dark! + 0.05)
}

describe.each(['daylight', 'lamplight'] as const)('colours by %s', (theme) => {
  const c = colours(theme)
  it.each([
    ['base-content', 'base-100'],
    ['base-content', 'base-200'],
    ['quiet', 'base-100'],
    ['quiet', 'base-200'],
    ['error', 'base-100'],
    ['error', 'base-200'],
    ['warning', 'base-100'],
    ['success', 'base-100'],
    ['primary-content', 'primary'],
    ['error-content', 'error'],
    ['neutral-content', 'neutral'],
  ])('text in %s on %s has 4.5 to 1', (text, ground) => {
    expect(contrast(c[text]!, c[ground]!)).toBeGreaterThanOrEqual(4.5)
  })

  it.each([
    ['part', 'base-100'],
    ['machine', 'base-100'],
    ['primary', 'base-100'],
    ['accent', 'base-100'],
    ['accent', 'base-200'],
    ['secondary', 'base-100'],
  ])('marks in %s on %s have 3 to 1', (mark, ground) => {
    expect(contrast(c[mark]!, c[ground]!)).toBeGreaterThanOrEqual(3)
  })
})
