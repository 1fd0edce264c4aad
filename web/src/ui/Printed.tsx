/** Something to be printed, and laid under a thing or beside it. */
export function Printed({ name, children }: { readonly name: string; readonly children: string }) {
  return (
    <a className="link" href={`/api/mark-sheets/${name}.pdf`} download>
      {children}
    </a>
  )
}
