# Sourced by ./emboq: the data folder. It belongs to one living process at a time, and so does everything that runs on it.
# A number in a file is never trusted: who holds a folder is asked of the kernel, by the files that living processes have open.
#
#   lock          held by whoever keeps the folder; says in words what that is
#   application   open in the web application that serves the folder
#   cluster/      PostgreSQL's own, its user's alone; where its processes stand
#   program/      a copy of what was built, where the application's user cannot read the checkout
#   app/          the application's own: logs and what it works on
#   secrets/      passwords of the database's roles, read by nobody else

least_room=64 # MB without which nothing is started

behind() { # file depth links...: numbers of the living processes of which a link in /proc leads to the file
  local what=$1 depth=$2; shift 2
  [ -e "$what" ] || return 0
  find -L "$@" -maxdepth "$depth" -printf '%D:%i %p\n' 2>/dev/null | awk -F'[ /]' -v what="$(stat -L -c '%d:%i' "$what")" '$1 == what { print $4 }' | sort -un | grep -vx "$$" || true
}

open_in() { behind "$1" 1 /proc/[0-9]*/fd; } # file: who has it open

standing_in() { behind "$1" 0 /proc/[0-9]*/cwd; } # folder: who runs in it

living() { local pid; for pid in "$@"; do if kill -0 "$pid" 2>/dev/null; then echo "$pid"; fi; done; }

wait_gone() { # tenths command...: waits until the command prints nothing
  local tenths=$1; shift
  for _ in $(seq "$tenths"); do [ -n "$("$@")" ] || return 0; sleep 0.1; done
  return 1
}

room_in() { df -Pm "$1" | awk 'NR == 2 { print $4 }'; }

folder_ready() { # refuses in a sentence what cannot be a data folder; makes it when there is none
  [ ! -e "$data" ] || [ -d "$data" ] || fail "$data is a file, not a folder; name a folder with EMBOQ_DATA."
  mkdir -p "$data" 2>/dev/null || fail "the folder $data cannot be made here; name another with EMBOQ_DATA."
  local owner
  owner=$(stat -c %U "$data")
  if [ "$(id -u)" != 0 ] && [ "$owner" != "$(id -un)" ]; then
    fail "the folder $data belongs to $owner; start Emboq as $owner, or name another folder with EMBOQ_DATA."
  fi
  if [ ! -e "$data/lock" ] && [ ! -e "$data/cluster" ] && [ -n "$(ls -A "$data")" ]; then
    fail "the folder $data holds other things; name an empty or a new folder with EMBOQ_DATA."
  fi
  local room
  room=$(room_in "$data")
  [ "$room" -ge "$least_room" ] || fail "only $room MB are free where $data lies and $least_room MB are needed; make room, or name another folder with EMBOQ_DATA."
  (: >>"$data/lock") 2>/dev/null || fail "the folder $data cannot be written: it, or the disk it lies on, is read-only. Make it writable, or name another with EMBOQ_DATA."
  if [ "$(id -u)" = 0 ]; then chown root: "$data"; fi
  chmod 755 "$data"
  private "$data/app" "$app_user"
  if [ -e "$data/cluster" ]; then cluster_ready; fi
}

private() { # folder [user]: one that only its user enters
  [ ! -L "$1" ] || fail "$1 is a link, not a folder; put the folder itself there."
  mkdir -p "$1"
  if [ "$(id -u)" = 0 ]; then chown "${2:-root}:" "$1"; fi
  chmod 700 "$1"
}

cluster_ready() {
  [ ! -L "$data/cluster" ] || fail "$data/cluster is a link, not a folder; put the folder itself there."
  local owner wants version
  owner=$(stat -c %U "$data/cluster")
  wants=$(if [ "$(id -u)" = 0 ]; then echo postgres; else id -un; fi)
  [ "$owner" = "$wants" ] || fail "$data/cluster belongs to $owner and not to $wants; give it back with: chown -R $wants $data/cluster"
  version=$(cat "$data/cluster/PG_VERSION" 2>/dev/null || true)
  [ -z "$version" ] || [ -x "/usr/lib/postgresql/$version/bin/postgres" ] \
    || fail "the notebook in $data was written with PostgreSQL $version, which is not installed here. Install postgresql-$version, or restore a backup into a new folder."
  [ -z "$version" ] || pg=/usr/lib/postgresql/$version/bin
}

try_lock() { # holds the folder if nobody does
  exec {lock}<>"$data/lock"
  flock -w 1 "$lock" || { exec {lock}>&-; lock=3; return 1; }
}

take_lock() { # what: holds the folder as long as this shell lives
  try_lock || fail "$data is in use: $(held_by). Stop it with ./emboq stop, or choose another folder with EMBOQ_DATA."
  : >"$data/lock"
  echo "$1, since $(date '+%Y-%m-%d %H:%M')" >&"$lock"
}

held_by() { echo "$(head -1 "$data/lock") (process $(open_in "$data/lock" | paste -sd, | sed 's/,/, /g'))"; }

end_leftovers() { # what a killed Emboq left running on the folder, and nothing else; sets ended to what that was
  local application database
  ended=""
  application=$(open_in "$data/application")
  database=$(standing_in "$data/cluster")
  [ -n "$application$database" ] || return 0
  if [ -n "$application" ]; then
    ended="the application"
    kill -TERM $application 2>/dev/null || true
    if ! wait_gone 150 open_in "$data/application"; then
      kill -KILL $application 2>/dev/null || true
      wait_gone 50 open_in "$data/application" || fail "the application (process $application) does not stop."
    fi
  fi
  if [ -n "$database" ]; then
    ended="${ended:+$ended and }the database"
    end_database "$data"
  fi
}
