import { Link } from 'react-router'

/** What stands where no job is. */
export function NoSuchJob() {
  return (
    <div className="flex flex-col gap-2 p-6">
      <h1 className="text-2xl font-bold">No job is kept under this address.</h1>
      <Link className="link" to="/">
        Go to the bench.
      </Link>
    </div>
  )
}
