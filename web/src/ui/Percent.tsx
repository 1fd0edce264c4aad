/** A share as a whole percentage, the figure in figures and the sign close behind it. */
export function Percent({ share }: { readonly share: number }) {
  return (
    <span className="whitespace-nowrap">
      <span className="figure">{Math.round(share * 100)}</span>
      {'\u202f%'}
    </span>
  )
}
