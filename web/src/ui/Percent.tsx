/** A share as a whole percentage, the figure in figures and the sign close behind it. What is not quite certain is not called certain. */
export function Percent({ share }: { readonly share: number }) {
  const rounded = Math.round(share * 100)
  const [words, figure] = rounded === 100 && share < 1 ? ['over ', 99] : rounded === 0 && share > 0 ? ['under ', 1] : ['', rounded]
  return (
    <span className="whitespace-nowrap">
      {words}
      <span className="figure">{figure}</span>
      {'\u202f%'}
    </span>
  )
}
