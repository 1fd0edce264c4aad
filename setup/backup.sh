# Sourced by ./emboq: the whole workshop into one file of open parts, and back.

with_notebook() { # what command...: with the folder's database, which is opened for it if nobody keeps the folder
  local what=$1; shift
  trap 'finish' EXIT
  trap 'exit 1' INT TERM
  if [ -e "$data/lock" ] && ! (try_lock) && [[ $(head -1 "$data/lock") == ./emboq\ start* ]]; then
    dbport=$(sed -n 4p "$data/cluster/postmaster.pid")
    pg=/usr/lib/postgresql/$(cat "$data/cluster/PG_VERSION")/bin
    app_user_ready
    program_ready living
  else
    open_notebook "$what"
    command_as_owner migrate || fail "the notebook in $data was not opened."
  fi
  "$@"
}

backup() { # FILE: the whole workshop, as of one moment, also while it is running
  [ -n "${1:-}" ] || fail "name the file: ./emboq backup FILE"
  local file
  file=$(from_caller "$1")
  [ -e "$data/cluster/PG_VERSION" ] || fail "nothing is kept in $data yet; ./emboq start makes it."
  (: >"$file.part") 2>/dev/null || fail "the file $file cannot be written there."
  prerequisites
  build
  with_notebook "./emboq backup" write_backup "$file"
}

write_backup() {
  if command_as_owner backup >"$1.part" && command_as_owner check <"$1.part"; then
    mv "$1.part" "$1"
    say "The workshop is in $1."
  else
    rm -f "$1.part"
    fail "the backup was not written."
  fi
}

restore() { # FILE: replaces the workshop of the data folder, all or nothing
  [ -n "${1:-}" ] || fail "name a file that ./emboq backup wrote: ./emboq restore FILE"
  local file
  file=$(from_caller "$1")
  [ -s "$file" ] || fail "there is no file $file, or nothing is in it."
  prerequisites
  build
  trap 'finish' EXIT
  trap 'exit 1' INT TERM
  open_notebook "./emboq restore"
  command_as_owner migrate || fail "the notebook in $data was not opened."
  command_as_owner restore <"$file" || fail "nothing was changed."
  say "The workshop of $file is in $data."
}
