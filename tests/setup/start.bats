#!/usr/bin/env bats
# Starting and stopping: one living Emboq to a folder, whatever was killed before.

load helpers

@test "application and database run as users of their own, and stop leaves neither" {
  start
  [ -n "$(application)" ] && [ -n "$(database)" ]
  if [ "$(id -u)" = 0 ]; then
    [ "$(application | xargs -I{} stat -c %U /proc/{} | sort -u)" = emboq ]
    [ "$(database | xargs -I{} stat -c %U /proc/{} | sort -u)" = postgres ]
    [ "$(stat -c %U:%a "$EMBOQ_DATA" "$EMBOQ_DATA/secrets" | paste -sd' ')" = "root:755 root:700" ]
  fi
  run "$emboq" stop
  [ "$output" = Stopped. ]
  [ -z "$(application)$(database)" ]
  run "$emboq" stop
  [[ $output == "Nothing runs on"* ]]
}

@test "the application's role changes nothing that was only to be added, and no table" {
  start
  add planer
  ask() { PGPASSWORD=$(cat "$EMBOQ_DATA/secrets/app") psql -q -X -h 127.0.0.1 -p "$EMBOQ_DB_PORT" -U emboq_app -d postgres -c "$1" 2>&1; }
  for statement in 'truncate machine_state' 'delete from machine_state' "update machine_state set name = 'x'" 'drop table machine' 'create table x (a int)' 'alter table machine disable trigger all' "copy (select 1) to program 'true'"; do
    run ask "$statement"
    [ "$status" != 0 ]
    [[ $output == *"permission denied"* || $output == *"must be owner"* || $output == *"must be superuser"* ]] || { echo "$statement: $output"; return 1; }
  done
  has planer
}

@test "a second start on the same folder is refused and says who holds it" {
  start
  EMBOQ_PORT=$(free_port) refused "is in use: ./emboq start on port"
  EMBOQ_PORT=$(free_port) refused "process $shell"
  curl -fsS "$url/health" >/dev/null
}

@test "a number in a file that is somebody else's by now is nobody's business" {
  sleep 300 3>&- &
  innocent=$!
  mkdir -p "$EMBOQ_DATA"
  touch "$EMBOQ_DATA/lock"
  echo "$innocent" >"$EMBOQ_DATA/emboq.pid"
  run "$emboq" stop
  kill -0 "$innocent"
  start
  "$emboq" stop
  kill -0 "$innocent"
  if [ "$(id -u)" = 0 ]; then setpriv --reuid=postgres --regid=postgres --clear-groups sleep 300 3>&- & else sleep 300 3>&- & fi
  other=$!
  printf '%s\n%s\n' "$other" "$EMBOQ_DATA/cluster" >"$EMBOQ_DATA/cluster/postmaster.pid"
  start
  kill -0 "$other"
  kill "$other"
}

@test "after the shell is killed, the next start takes the folder over" {
  start
  add lathe
  kill -KILL "$shell"
  export EMBOQ_PORT=$(free_port)
  url=http://127.0.0.1:$EMBOQ_PORT/api
  start
  has lathe
}

@test "what a killed shell left is ended by stop, and told" {
  start
  # Held, so that it cannot end by itself when its parent goes.
  kill -STOP $(application)
  kill -KILL "$shell"
  sleep 0.2
  run "$emboq" stop
  [[ $output == *"left running on"*"the application"* ]] || { echo "$output"; false; }
  [ -z "$(application)$(database)" ]
}

@test "after all three are killed an immediate start works" {
  start
  for n in 1 2 3; do
    add "saw$n"
    kill -KILL "$shell" $(application) $(postmaster)
    start
    has "saw$n"
  done
}

@test "a database that dies is started again; meanwhile it is said in words, and nothing is lost" {
  start
  add drill
  kill -KILL $(postmaster)
  answer=$(curl -s -i -X POST -H 'content-type: application/json' -d '{"name":"late"}' "$url/machines")
  [[ $answer == *" 503 "* && $answer == *"Retry-After"* && $answer == *"being opened again"* ]] || { echo "$answer"; false; }
  for _ in $(seq 200); do if has drill 2>/dev/null; then break; fi; sleep 0.1; done
  has drill
  add late
  grep -q 'The notebook is open again' "$log"
}

@test "an application that dies is started again" {
  start
  add plane
  kill -KILL $(application)
  for _ in $(seq 200); do if has plane 2>/dev/null; then break; fi; sleep 0.1; done
  has plane
}

@test "a port that is taken is told, and nothing is left running" {
  node -e "require('net').createServer().listen($EMBOQ_PORT, '127.0.0.1')" 3>&- &
  innocent=$!
  for _ in $(seq 50); do if port_taken "$EMBOQ_PORT"; then break; fi; sleep 0.1; done
  refused "port $EMBOQ_PORT is taken by another program"
  [ -z "$(application)$(database)" ]
}
