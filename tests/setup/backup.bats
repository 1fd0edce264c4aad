#!/usr/bin/env bats
# Backups: whole, checked, restored as data alone, and by themselves.

load helpers

contents() { "$emboq" backup "$BATS_TEST_TMPDIR/contents.zip" | grep -o 'contents [0-9a-f]*'; }

@test "what is restored elsewhere is what was backed up, and the numbers go on" {
  start
  add jointer
  run "$emboq" backup "$BATS_TEST_TMPDIR/b.zip"
  [ "$status" = 0 ]
  before=$(contents)
  [ -n "$before" ]
  "$emboq" stop
  export EMBOQ_DATA=$BATS_TEST_TMPDIR/again
  "$emboq" restore "$BATS_TEST_TMPDIR/b.zip"
  [ "$(contents)" = "$before" ]
  start
  has jointer
  add mitre
  [ "$(contents)" != "$before" ]
}

@test "restore is refused while an Emboq runs on the folder" {
  start
  add bandsaw
  "$emboq" backup "$BATS_TEST_TMPDIR/b.zip"
  run "$emboq" restore "$BATS_TEST_TMPDIR/b.zip"
  [ "$status" = 1 ]
  [[ $output == *"is in use: ./emboq start"* ]]
  has bandsaw
}

@test "what is no backup, or a damaged one, is refused and changes nothing" {
  start
  add anvil
  "$emboq" backup "$BATS_TEST_TMPDIR/b.zip"
  before=$(contents)
  "$emboq" stop
  run "$emboq" restore "$BATS_TEST_DIRNAME/helpers.bash"
  [[ $status == 1 && $output == *"not a backup of a workshop"* ]] || { echo "$output"; false; }
  # One byte in the first table, behind its name (APPNOTE 4.3.7).
  at=$((30 + $(od -An -tu2 -j26 -N2 "$BATS_TEST_TMPDIR/b.zip") + 4))
  printf '\xff' | dd of="$BATS_TEST_TMPDIR/b.zip" bs=1 seek="$at" conv=notrunc status=none
  run "$emboq" restore "$BATS_TEST_TMPDIR/b.zip"
  [[ $status == 1 && $output == *"Use another"* ]] || { echo "$output"; false; }
  [ "$(contents)" = "$before" ]
}

@test "backups that are due are made by themselves, and the oldest go" {
  export EMBOQ_BACKUPS=$BATS_TEST_TMPDIR/backups EMBOQ_BACKUPS_KEPT=2
  mkdir "$EMBOQ_BACKUPS"
  for day in 1 2 3; do echo old >"$EMBOQ_BACKUPS/emboq-2020-01-0$day-000000.zip"; touch -d 2020-01-0$day "$EMBOQ_BACKUPS/emboq-2020-01-0$day-000000.zip"; done
  if [ "$(id -u)" = 0 ]; then id -u emboq >/dev/null 2>&1 || useradd --system emboq; chown -R emboq "$EMBOQ_BACKUPS"; fi
  start
  for _ in $(seq 100); do [ "$(find "$EMBOQ_BACKUPS" -newermt 2021-01-01 -name '*.zip' | wc -l)" = 1 ] && break; sleep 0.1; done
  [ "$(ls "$EMBOQ_BACKUPS" | wc -l)" = 2 ]
  newest=$(ls "$EMBOQ_BACKUPS" | tail -1)
  "$emboq" stop
  EMBOQ_DATA=$BATS_TEST_TMPDIR/again "$emboq" restore "$EMBOQ_BACKUPS/$newest"
}
