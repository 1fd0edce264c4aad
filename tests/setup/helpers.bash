# A data folder, a port and an Emboq of their own for each test.

source "$BATS_TEST_DIRNAME/../../setup/ports.sh"
source "$BATS_TEST_DIRNAME/../../setup/folder.sh"

setup() {
  emboq=$BATS_TEST_DIRNAME/../../emboq
  chmod 755 "$BATS_TEST_TMPDIR" "$BATS_RUN_TMPDIR" "$BATS_FILE_TMPDIR" "$BATS_SUITE_TMPDIR" 2>/dev/null || true
  export EMBOQ_DATA=$BATS_TEST_TMPDIR/data
  EMBOQ_PORT=$(free_port)
  EMBOQ_DB_PORT=$(free_port)
  export EMBOQ_PORT EMBOQ_DB_PORT
  log=$BATS_TEST_TMPDIR/start.log
  url=http://127.0.0.1:$EMBOQ_PORT/api
}

teardown() {
  "$emboq" stop >/dev/null 2>&1 || true
  if [ -n "${mounted:-}" ]; then umount -l "$mounted"; fi
  if [ -n "${innocent:-}" ]; then kill "$innocent" 2>/dev/null || true; fi
  if [ "${status:-0}" != 0 ]; then cat "$log" 2>/dev/null || true; fi
}

start() { # in the background; answers when it is ready
  : >"$log"
  "$emboq" start --no-demo >"$log" 2>&1 3>&- &
  shell=$!
  for _ in $(seq 600); do
    if grep -q 'Emboq is ready' "$log"; then return 0; fi
    kill -0 "$shell" 2>/dev/null || { cat "$log"; return 1; }
    sleep 0.1
  done
  cat "$log"
  return 1
}

add() { curl -fsS -X POST -H 'content-type: application/json' -d "{\"name\":\"$1\"}" "$url/machines" >/dev/null; }

has() { curl -fsS "$url/machines?words=$1" | grep -q "\"$1\""; }

application() { open_in "$EMBOQ_DATA/application"; }
database() { standing_in "$EMBOQ_DATA/cluster"; }
postmaster() { head -1 "$EMBOQ_DATA/cluster/postmaster.pid"; }

refused() { # words: start must fail with them, in a sentence and without a stack trace
  run "$emboq" start --no-demo
  [ "$status" = 1 ]
  [[ $output == *"Emboq: "* ]]
  [[ $output == *"$1"* ]] || { echo "$output"; return 1; }
  [[ $output != *"   at "* ]]
}

small_disk() { # options: a disk of its own for the data folder; skips the test where none can be made
  mkdir -p "$EMBOQ_DATA"
  mount -t tmpfs -o "$1" tmpfs "$EMBOQ_DATA" 2>/dev/null || skip "no disk can be mounted here"
  mounted=$EMBOQ_DATA
}
