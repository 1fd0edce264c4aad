import { ApiProblem } from '@/api/client'

/** The content of a JSON file, or the words for a person who chose another. */
export async function readJson(file: File, otherwise: string): Promise<unknown> {
  try {
    return JSON.parse(await file.text())
  } catch {
    throw new ApiProblem(0, `${file.name} ${otherwise}`, [])
  }
}
