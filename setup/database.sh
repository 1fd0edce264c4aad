# Sourced by ./emboq: a private PostgreSQL on loopback, run by a user of its own.

as_db() { if [ "$(id -u)" = 0 ]; then (cd /; setpriv --reuid=postgres --regid=postgres --init-groups --no-new-privs -- "$@"); else "$@"; fi; }

secret() { # folder name: a password, made when there is none
  local file=$1/secrets/$2
  [ -s "$file" ] || (umask 077; head -c 24 /dev/urandom | base64 | tr -d '/+=\n' >"$file.new"; mv "$file.new" "$file")
  cat "$file"
}

make_cluster() { # folder: whole or not at all
  local folder=$1
  private "$folder/secrets"
  if [ -s "$folder/password" ] && [ ! -s "$folder/secrets/emboq" ]; then # of an earlier Emboq
    (umask 077; cat "$folder/password" >"$folder/secrets/emboq"); rm -f "$folder/password"
  fi
  [ ! -s "$folder/cluster/PG_VERSION" ] || return 0
  rm -rf "$folder/cluster" "$folder/cluster.new"
  mkdir -p "$folder/cluster.new"
  if [ "$(id -u)" = 0 ]; then chown postgres: "$folder/cluster.new"; fi
  # The password goes by a pipe of the database's own user: it may not read our file.
  password=$(secret "$folder" emboq) as_db bash -c 'timeout -k 5 300 "$1/initdb" -D "$2" -U emboq --pwfile=<(echo "$password") \
    --auth=scram-sha-256 --encoding=UTF8 --no-locale >/dev/null' - "$pg" "$folder/cluster.new" \
    || fail "PostgreSQL's folder could not be made in $folder; is the disk full?"
  mv "$folder/cluster.new" "$folder/cluster"
}

db_port() { # the wanted port; where none was asked for, the next one that is free
  local port=$dbport
  if [ -z "${EMBOQ_DB_PORT:-}" ]; then
    for _ in $(seq 50); do port_taken "$port" || break; port=$((port + 1)); done
  fi
  ! port_taken "$port" || fail "port $port, which the database is to use, is taken by another program; choose another with EMBOQ_DB_PORT."
  dbport=$port
}

start_db() { # folder: starts it as a child of this shell, in $db; answers when it takes connections
  local folder=$1
  wait_gone 300 standing_in "$folder/cluster" || end_database "$folder"
  # Nobody stands in the folder any more: whatever number the file holds is somebody else's.
  rm -f "$folder/cluster/postmaster.pid"
  local as=(setpriv --pdeathsig INT)
  if [ "$(id -u)" = 0 ]; then as+=(--reuid=postgres --regid=postgres --init-groups); fi
  (cd /; exec setsid "${as[@]}" --no-new-privs -- "$pg/postgres" -D "$folder/cluster" -p "$dbport" -c listen_addresses=127.0.0.1 -c unix_socket_directories= -c max_connections=60 \
    -c logging_collector=on -c log_directory=log -c log_filename=postgres-%a.log -c log_truncate_on_rotation=on -c log_rotation_age=1d -c log_rotation_size=0 \
    >>"$folder/database.log" 2>&1 {lock}>&-) &
  db=$!
  local until=$((SECONDS + 600))
  for ((n = 1; SECONDS < until; n++)); do
    "$pg/pg_isready" -q -h 127.0.0.1 -p "$dbport" -U emboq -d postgres && return 0
    kill -0 "$db" 2>/dev/null || break
    [ "$n" != 50 ] || say "The database is putting its last entries in order."
    sleep 0.1 {lock}>&-
  done
  wait "$db" 2>/dev/null || true
  db=""
  as_db sh -c 'tail -n 5 "$1"/cluster/log/* 2>/dev/null || true' - "$folder" >&2
  tail -n 3 "$folder/database.log" >&2
  return 1
}

end_database() { # folder: every process that stands in it, gently first
  local folder=$1 signal
  for signal in INT QUIT KILL; do
    # The one that all others come from; those that lost it go by themselves, or are told to.
    local all first
    all=$(standing_in "$folder/cluster")
    [ -n "$all" ] || break
    first=$(for pid in $all; do grep -qsx "$(awk '/^PPid/ { print $2 }' "/proc/$pid/status" 2>/dev/null)" <<<"$all" || echo "$pid"; done)
    kill -"$signal" $first 2>/dev/null || true
    if wait_gone 200 standing_in "$folder/cluster"; then break; fi
  done
  [ -z "$(standing_in "$folder/cluster")" ] || fail "the database in $folder does not stop; look at what process $(standing_in "$folder/cluster" | paste -sd' ') waits for."
  db=""
}

roles() { # folder: who may do what; a notebook of an earlier Emboq is handed to its owner
  local folder=$1
  {
    cat "$here/setup/roles.sql"
    echo "alter role emboq_owner password '$(secret "$folder" owner)';"
    echo "alter role emboq_app password '$(secret "$folder" app)';"
  } | PGPASSWORD=$(secret "$folder" emboq) "$pg/psql" -q -X -v ON_ERROR_STOP=1 -h 127.0.0.1 -p "$dbport" -U emboq -d postgres >/dev/null
}

connection() { # folder role: as the application opens it
  local user
  case $2 in emboq) user=emboq ;; *) user=emboq_$2 ;; esac
  echo "Host=127.0.0.1;Port=$dbport;Username=$user;Password=$(secret "$1" "$2");Database=postgres;Maximum Pool Size=20"
}
