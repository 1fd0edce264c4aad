# Sourced by ./emboq bench: starts an instance of its own on a free port, measures, stops it.
tmp=$(mktemp -d)
if [ "$(id -u)" = 0 ]; then chmod 755 "$tmp"; fi
trap 'kill -TERM "${instance:-}" 2>/dev/null; wait "${instance:-}" 2>/dev/null; rm -rf "$tmp"' EXIT
dotnet build -c Release -v q -clp:ErrorsOnly bench/Emboq.Bench
bench_port=$(free_port)
start_bench() {
  : >"$tmp/start.log"
  EMBOQ_PORT=$bench_port EMBOQ_DB_PORT=$((bench_port > 32000 ? bench_port - 1000 : bench_port + 1000)) EMBOQ_DATA="$tmp/app" EMBOQ_UPLOADS=100000 ./emboq start >"$tmp/start.log" 2>&1 &
  instance=$!
  until grep -q 'Emboq is ready' "$tmp/start.log"; do kill -0 $instance; sleep 0.02; done
}
start_bench; kill -TERM $instance; wait $instance || true
from=$(date +%s%N); start_bench; say "cold start, built and with data: $(( ($(date +%s%N) - from) / 1000000 )) ms"
dotnet bench/Emboq.Bench/bin/Release/net10.0/Emboq.Bench.dll "http://127.0.0.1:$bench_port" "${EMBOQ_BENCH_ROUNDS:-300}" "$(pgrep -f "Emboq.Web.dll.*$bench_port" | tail -1)" "${EMBOQ_BENCH_PREVIEWS:-10000}"
node bench/browser.mjs "http://127.0.0.1:$bench_port"
node bench/busy.mjs "http://127.0.0.1:$bench_port"
node bench/workshop.mjs "http://127.0.0.1:$bench_port"
node bench/soak.mjs "http://127.0.0.1:$bench_port" "${EMBOQ_SOAK_MINUTES:-120}"
node bench/crash.mjs "${EMBOQ_CRASHES:-300}"
