import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { BrowserRouter } from 'react-router'
import { App } from './App'
import './app.css'
import { LeadingProvider } from './ui/leading'
import { applyTheme, storedTheme } from './ui/theme'

applyTheme(storedTheme())
const client = new QueryClient({ defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: false } } })

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <QueryClientProvider client={client}>
      <LeadingProvider>
        <BrowserRouter>
          <App />
        </BrowserRouter>
      </LeadingProvider>
    </QueryClientProvider>
  </StrictMode>,
)
