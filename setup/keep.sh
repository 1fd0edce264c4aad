# Sourced by ./emboq: starts database and application, keeps both running, and ends them together.

as_app() { "${app_as[@]}" "$@"; } # command...: as the application's user; it ends when this shell does

app_user_ready() { # started as root, the application gets a user that owns nothing else
  app_as=(setpriv --pdeathsig TERM --no-new-privs)
  if [ "$(id -u)" = 0 ]; then
    id -u "$app_user" >/dev/null 2>&1 || useradd --system --no-create-home --home-dir /nonexistent --shell /usr/sbin/nologin "$app_user"
    app_as=(env "HOME=$data/app" "${app_as[@]}" --reuid="$app_user" --regid="$app_user" --clear-groups --inh-caps=-all --bounding-set=-all)
  fi
  app_as+=(--)
}

program_ready() { # [living]: where the application's user can read it: the checkout, or a copy of what was built; one that is in use is left as it is
  program=$here/$app
  content=$here/src/Emboq.Web
  if as_app test -r "$program" && as_app test -r "$content/wwwroot/index.html"; then return 0; fi
  if [ "${1:-}" = living ] && [ -d "$data/program" ]; then
    program=$data/program/$(basename "$program")
    content=$data/program
    return 0
  fi
  say "$app_user cannot read $here; the application runs from a copy in $data/program."
  rm -rf "$data/program"
  mkdir -p "$data/program"
  # What other systems would need stays behind.
  tar -C "$(dirname "$program")" --exclude='./runtimes/win*' --exclude='./runtimes/osx*' --exclude='./runtimes/*arm*' -c . | tar -C "$data/program" -x --no-same-owner
  cp -r "$content/wwwroot" "$data/program/wwwroot"
  chmod -R a+rX "$data/program"
  program=$data/program/$(basename "$program")
  content=$data/program
}

command_as_owner() { # verb [file]: a command of the application on the notebook, as the role that owns its tables
  (cd "$data/app" && EMBOQ_DATABASE=$(connection "$data" owner) as_app dotnet "$program" "$@" {lock}>&-)
}

backups_ready() {
  [ -n "${EMBOQ_BACKUPS:-}" ] || return 0
  EMBOQ_BACKUPS=$(from_caller "$EMBOQ_BACKUPS")
  export EMBOQ_BACKUPS
  if [ ! -e "$EMBOQ_BACKUPS" ]; then
    mkdir -p "$EMBOQ_BACKUPS" 2>/dev/null || fail "the folder $EMBOQ_BACKUPS, named by EMBOQ_BACKUPS, cannot be made."
    if [ "$(id -u)" = 0 ]; then chown "$app_user:" "$EMBOQ_BACKUPS"; fi
  fi
  as_app test -w "$EMBOQ_BACKUPS" || fail "backups cannot be written to $EMBOQ_BACKUPS; let $(as_app id -un) write there, or name another folder with EMBOQ_BACKUPS."
}

open_notebook() { # what: the folder's lock, nothing left over, the database running, roles as they are to be
  app_user_ready
  folder_ready
  take_lock "$1"
  end_leftovers
  [ -z "$ended" ] || say "A killed Emboq had left $ended running on $data; that is ended now."
  program_ready
  make_cluster "$data"
  db_port
  start_db "$data" || fail "PostgreSQL does not start; its last words are above."
  roles "$data" || fail "the notebook's roles could not be set; the words above say why."
}

serve() { # starts the application as a child of this shell, in $server; answers when it serves
  (
    cd "$data/app"
    export EMBOQ_DATABASE EMBOQ_DEMO=$demo EMBOQ_FOLDER=$data/app
    EMBOQ_DATABASE=$(connection "$data" app)
    # Arrays of the script engines go back to the system when they are freed; in an arena for each thread their room would never shrink.
    export MALLOC_ARENA_MAX=2 MALLOC_MMAP_THRESHOLD_=131072
    exec setsid "${app_as[@]}" dotnet "$program" --contentRoot "$content" --urls "http://127.0.0.1:$port" {lock}>&- 7>"$data/application"
  ) &
  server=$!
  for _ in $(seq 600); do
    kill -0 "$server" 2>/dev/null || return 1
    # Longer than health itself waits for database and kernel.
    if curl -fsS --max-time 15 "http://127.0.0.1:$port/api/health" >/dev/null 2>&1 {lock}>&-; then return 0; fi
    sleep 0.1 {lock}>&-
  done
  return 1
}

start() {
  demo=yes
  local word
  for word in "$@"; do
    case $word in
      --no-demo) demo=no ;;
      *) fail "'$word' is not known; start takes --no-demo." ;;
    esac
  done
  prerequisites
  build
  trap 'finish' EXIT
  trap 'exit 0' INT TERM
  open_notebook "./emboq start on port $port"
  backups_ready
  if port_taken "$port"; then fail "port $port is taken by another program; choose another with EMBOQ_PORT."; fi
  command_as_owner migrate || fail "the notebook in $data was not opened."
  serve || fail "the application stopped while starting; its last words are above."
  say "Emboq is ready at http://127.0.0.1:$port"
  keep
}

keep() { # for as long as nobody says stop: what ends by itself is started again, the database first
  local since falls=0
  while :; do
    since=$SECONDS
    wait -n || true
    if [ $((SECONDS - since)) -gt 60 ]; then falls=0; fi
    if ! running "$db"; then
      say "The database stopped by itself and is started again."
      until start_db "$data"; do
        say "The database does not start; the next attempt is in 5 seconds."
        sleep 5 {lock}>&-
      done
      say "The notebook is open again."
    fi
    if ! running "$server"; then
      falls=$((falls + 1))
      [ "$falls" -le 5 ] || fail "the application stopped by itself five times within minutes; its last words are above and in $data/app/log."
      say "The application stopped by itself and is started again."
      serve || say "The application stopped while starting."
    fi
  done
}

running() { jobs -rp | grep -qx "$1"; } # number of a child: whether it lives

finish() {
  trap '' INT TERM
  if [ -n "${server:-}" ]; then
    kill -TERM "$server" 2>/dev/null || true
    wait_gone 150 living "$server" || kill -KILL "$server" 2>/dev/null || true
    wait "$server" 2>/dev/null || true
  fi
  if [ -n "${db:-}" ]; then end_database "$data"; fi
  wait 2>/dev/null || true
}

stop() {
  [ -d "$data" ] || { say "Nothing runs on $data."; return; }
  [ -e "$data/lock" ] || { say "Nothing runs on $data."; return; }
  if ! try_lock; then
    case $(head -1 "$data/lock") in ./emboq\ start*) ;; *) fail "$data is in use: $(held_by). It ends by itself." ;; esac
    kill -TERM $(open_in "$data/lock") 2>/dev/null || true
    exec {lock}<>"$data/lock"
    flock -w 60 "$lock" || fail "$(held_by) does not stop."
    say "Stopped."
    return
  fi
  end_leftovers
  if [ -n "$ended" ]; then say "Ended what a killed Emboq had left running on $data: $ended."; else say "Nothing runs on $data."; fi
}
