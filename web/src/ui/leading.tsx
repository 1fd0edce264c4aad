import { createContext, useContext, useMemo, useState, type ReactNode } from 'react'

export type Leading = 'metric' | 'inch'

type LeadingUnit = { readonly leading: Leading; readonly swap: () => void }

const Context = createContext<LeadingUnit>({ leading: 'metric', swap: () => undefined })

/** Which unit system is written first, remembered on this device. */
export const useLeading = () => useContext(Context)

export function LeadingProvider({ children }: { readonly children: ReactNode }) {
  const [leading, setLeading] = useState<Leading>(() => (localStorage.getItem('leading') === 'inch' ? 'inch' : 'metric'))
  const value = useMemo(
    () => ({
      leading,
      swap: () => {
        const next = leading === 'metric' ? 'inch' : 'metric'
        localStorage.setItem('leading', next)
        setLeading(next)
      },
    }),
    [leading],
  )
  return <Context value={value}>{children}</Context>
}
