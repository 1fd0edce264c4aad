# Sourced by ./emboq test: formatters and linters, xUnit, the front end's own tests, then Playwright on the real application.
passed=0
failed=0
# Much of it runs once: instrumenting code to make it faster later takes a quarter of the time that it never gives back.
export DOTNET_TieredPGO=0
tmp=$(mktemp -d)
if [ "$(id -u)" = 0 ]; then chmod 755 "$tmp"; fi
cleanup() {
  [ -z "${instance:-}" ] || { kill -TERM "$instance" 2>/dev/null || true; wait "$instance" 2>/dev/null || true; }
  [ -z "${lint:-}" ] || kill -TERM "$lint" 2>/dev/null || true
  [ -z "${keeping:-}" ] || kill -TERM "$keeping" 2>/dev/null || true
  [ -z "${exchange:-}" ] || kill -TERM "$exchange" 2>/dev/null || true
  end_database "$tmp/db"
  rm -rf "$tmp"
}
trap cleanup EXIT

bounded() { # seconds command...: nothing a machine may do keeps the run waiting for ever
  timeout -k 5 "$@" </dev/null
}

tell() { # what failed: said here, and once more before the last line, where a long run is read
  tee -a "$tmp/failures"
}

phase() { # name
  say "$1 (after $SECONDS s)"
}

one() { # name command: counts as one test
  local name=$1; shift
  if "$@" >"$tmp/out" 2>&1; then passed=$((passed + 1)); say "  good  $name"; else failed=$((failed + 1)); { say "  FAILED  $name"; tail -60 "$tmp/out"; } | tell; fi
}

count() { # passed failed
  passed=$((passed + $1)); failed=$((failed + $2))
}

phase "Formatters and linters"
one "C# builds without a warning" bounded 900 dotnet build -c Release -v q -clp:ErrorsOnly Emboq.slnx
# Gives way: what comes next leaves a processor idle now and then. Style of C# is judged by the build above, as errors.
bounded 1200 nice -n 10 bash -c 'dotnet format whitespace Emboq.slnx --verify-no-changes --no-restore && cd web && npm run --silent lint' >"$tmp/lint" 2>&1 &
lint=$!
linted() { wait $lint || { cat "$tmp/lint"; return 1; }; }

phase "Front end"
front_end() { (cd web && bounded 240 node node_modules/vitest/vitest.mjs run --reporter=json --outputFile="$tmp/vitest.json") >"$tmp/out" 2>&1; }
silent() { say "  The runner fell silent after 240 s; it is asked once more."; tail -5 "$tmp/out"; }
# A runner that hangs (124, or 137 where it had to be killed) has judged nothing; one that found a failure is not asked again.
front_end || { rc=$?; case $rc in 124 | 137) silent; front_end || tail -60 "$tmp/out" | tell ;; *) tail -60 "$tmp/out" | tell ;; esac; }
[ -s "$tmp/vitest.json" ] || echo '{"numPassedTests":0,"numFailedTests":1,"success":false}' >"$tmp/vitest.json"
node -e "for (const f of require('$tmp/vitest.json').testResults ?? []) for (const t of f.assertionResults) if (t.status === 'failed') console.log(t.fullName, t.failureMessages.join())" | tell
count "$(node -p "require('$tmp/vitest.json').numPassedTests")" "$(node -p "const r = require('$tmp/vitest.json'); r.numFailedTests + (r.success || r.numFailedTests ? 0 : 1)")"

mkdir -p "$tmp/db"
make_cluster "$tmp/db"
dbport=$(free_port)
start_db "$tmp/db"
EMBOQ_TEST_DATABASE=$(connection "$tmp/db" emboq)
export EMBOQ_TEST_DATABASE
xunit() { # project seconds [by what]: what it says is kept for counted
  bounded "$2" "${@:3}" dotnet "tests/Emboq.$1.Tests/bin/Release/net10.0/Emboq.$1.Tests.dll" -noColor >"$tmp/$1" 2>&1 || true
}
counted() { # project
  { grep -E '\[FAIL\]' -A 12 "$tmp/$1" || true; } | tell
  local total all errors fails
  total=$(sed -n 's/.*Total: \([0-9]*\), Errors: \([0-9]*\), Failed: \([0-9]*\).*/\1 \2 \3/p' "$tmp/$1" | tail -1)
  if [ -z "$total" ]; then { say "  Emboq.$1.Tests came to no end"; tail -30 "$tmp/$1"; } | tell; count 0 1; return; fi
  read -r all errors fails <<<"$total"
  count $((all - fails)) $((fails + errors))
}
# Asks for nothing but processors, and takes what the others leave of them.
xunit Exchange 2400 nice -n 19 &
exchange=$!
for project in Core Kernel; do
  phase "Emboq.$project.Tests"
  xunit $project 600
  counted $project
done
# Starts and stops mostly wait.
phase "Emboq.Web.Tests; beside them starting, stopping, keeping"
bounded 900 bats --tap tests/setup >"$tmp/bats" 2>&1 &
keeping=$!
xunit Web 900
counted Web
wait $keeping || true
keeping=""
{ grep -vE '^(ok|1\.\.)' "$tmp/bats" || true; } | tell
one "C# is formatted, the front end formatted and linted" linted
count "$(grep -E '^ok ' "$tmp/bats" | grep -vc '# skip' || true)" "$(grep -c '^not ok ' "$tmp/bats" || true)"
grep -q '^ok ' "$tmp/bats" || count 0 1

phase "Playwright on the real application"
url_port=$(free_port)
: >"$tmp/start.log"
EMBOQ_PORT=$url_port EMBOQ_DB_PORT=$(free_port) EMBOQ_DATA="$tmp/app" ./emboq start >"$tmp/start.log" 2>&1 &
instance=$!
for _ in $(seq 600); do grep -q 'Emboq is ready' "$tmp/start.log" && break; kill -0 $instance 2>/dev/null || break; sleep 0.2; done
if grep -q 'Emboq is ready' "$tmp/start.log"; then
  (cd web && EMBOQ_URL="http://127.0.0.1:$url_port" NODE_PATH="$here/web/node_modules" PLAYWRIGHT_JSON_OUTPUT_NAME="$tmp/e2e.json" \
    bounded 1800 node node_modules/@playwright/test/cli.js test -c ../tests/e2e/playwright.config.ts --reporter=list,json) || true
  [ -s "$tmp/e2e.json" ] || echo '{"stats":{"expected":0,"unexpected":1,"flaky":0},"errors":[]}' >"$tmp/e2e.json"
  count "$(node -p "require('$tmp/e2e.json').stats.expected")" "$(node -p "const s = require('$tmp/e2e.json'); s.stats.unexpected + s.stats.flaky + s.errors.length")"
else
  tail -30 "$tmp/start.log" | tell; count 0 1
fi
kill -TERM $instance 2>/dev/null || true
wait $instance 2>/dev/null || true
instance=""

phase "Emboq.Exchange.Tests, begun before"
wait $exchange || true
exchange=""
counted Exchange

if [ "$failed" != 0 ] && [ -s "$tmp/failures" ]; then phase "What failed, once more"; tail -200 "$tmp/failures"; fi
say "$passed passed, $failed failed"
[ "$failed" = 0 ]
