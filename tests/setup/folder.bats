#!/usr/bin/env bats
# Folders that cannot be a workshop's are refused in a sentence that says what to do.

load helpers

@test "a file is no folder" {
  touch "$EMBOQ_DATA"
  refused "is a file, not a folder"
}

@test "a folder that holds other things is left alone" {
  mkdir "$EMBOQ_DATA"
  touch "$EMBOQ_DATA/holiday.jpg"
  refused "holds other things"
  [ "$(ls "$EMBOQ_DATA")" = holiday.jpg ]
}

@test "a folder of somebody else is refused" {
  [ "$(id -u)" = 0 ] || skip "needs root to play another user"
  mkdir "$EMBOQ_DATA"
  run setpriv --reuid=nobody --regid=nogroup --clear-groups bash -c "here=\$PWD; data=$EMBOQ_DATA; fail() { echo \"Emboq: \$*\"; exit 1; }; source '$BATS_TEST_DIRNAME/../../setup/folder.sh'; app_user=nobody; folder_ready"
  [ "$status" = 1 ]
  [[ $output == *"belongs to root"* ]] || { echo "$output"; false; }
}

@test "a cluster that was given to the wrong user is refused with the way back" {
  [ "$(id -u)" = 0 ] || skip "needs root to give things away"
  start
  "$emboq" stop
  chown -R nobody "$EMBOQ_DATA/cluster"
  refused "chown -R postgres $EMBOQ_DATA/cluster"
}

@test "a full disk is refused before anything is written" {
  small_disk size=20m
  refused "MB are needed; make room"
}

@test "a read-only disk is refused" {
  small_disk ro,size=200m
  refused "read-only"
}

@test "a notebook of a newer Emboq is refused" {
  start
  PGPASSWORD=$(cat "$EMBOQ_DATA/secrets/owner") psql -q -X -h 127.0.0.1 -p "$EMBOQ_DB_PORT" -U emboq_owner -d postgres \
    -c "insert into schemaversions (scriptname, applied) values ('Emboq.Store.Migrations.999-later.sql', now())"
  "$emboq" stop
  refused "written by a newer Emboq: its tables are of version 999"
}

@test "a disk that fills up while running is told, refuses writes with 507 and loses nothing" {
  small_disk size=400m
  start
  add router
  fallocate -l "$(($(df -Pk "$EMBOQ_DATA" | awk 'NR == 2 { print $4 }') - 20000))k" "$EMBOQ_DATA/ballast"
  answer=$(curl -s -i -X POST -H 'content-type: application/json' -d '{"name":"one more"}' "$url/machines")
  [[ $answer == *" 507 "* && $answer == *"disk is full"* ]] || { echo "$answer"; false; }
  [[ $(curl -s "$url/health") == *'"status":"unwell"'*"disk is full"* ]]
  rm "$EMBOQ_DATA/ballast"
  add "after"
  has router && has after
  [[ $(curl -s "$url/health") == *"time to make room"* ]]
}

@test "relative folders and files mean the caller's own" {
  cd "$BATS_TEST_TMPDIR"
  export EMBOQ_DATA=mine
  start
  [ -d "$BATS_TEST_TMPDIR/mine/cluster" ]
  "$emboq" backup kept.zip
  [ -s "$BATS_TEST_TMPDIR/kept.zip" ]
  "$emboq" stop
  export EMBOQ_DATA=$BATS_TEST_TMPDIR/mine
}
