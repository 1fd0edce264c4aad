export type Theme = 'daylight' | 'lamplight'

export const storedTheme = (): Theme => (localStorage.getItem('theme') === 'lamplight' ? 'lamplight' : 'daylight')

export function applyTheme(theme: Theme) {
  localStorage.setItem('theme', theme)
  document.documentElement.dataset.theme = theme
}
