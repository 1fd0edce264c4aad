/** A share as a whole percentage, the figure in figures and the sign close behind it. What is not quite certain is not called certain. */
export function Percent({ share }: { readonly share: number }) {
  const words = share < 0.995 && share > 0.005 ? '' : share < 1 && share > 0.5 ? 'over ' : share > 0 && share < 0.5 ? 'under ' : ''
  const figure = words === 'over ' ? 99 : words === 'under ' ? 1 : Math.round(share * 100)
  return (
    <span className="whitespace-nowrap">
      {words}
      <span className="figure">{figure}</span>
      {'\u202f%'}
    </span>
  )
}
