/** Key of numbering a print of a part: it goes on until the history tells the new one. */
export const freezing = (part: string) => ['freeze', part]
