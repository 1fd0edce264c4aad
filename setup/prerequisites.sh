# Sourced by ./emboq: what has to be on the machine, and the build.

install_debian() { # packages: those that are missing are installed
  [ $# -gt 0 ] || return 0
  say "Installing $*"
  local as=""
  if [ "$(id -u)" != 0 ]; then command -v sudo >/dev/null || fail "please install as root: $*"; as=sudo; fi
  $as apt-get update -qq >/dev/null
  DEBIAN_FRONTEND=noninteractive $as apt-get install -y -qq --no-install-recommends "$@" >/dev/null
}

postgres_bin() { ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -1; }

prerequisites() { # [test]
  command -v dotnet >/dev/null || fail "the .NET 10 SDK is needed (dotnet is not on the path)."
  command -v node >/dev/null || fail "Node.js 20 or newer is needed (node is not on the path)."
  local missing=() pair
  [ -n "$(postgres_bin)" ] || missing+=(postgresql)
  for pair in curl:curl ${1:+chromium:chromium admesh:admesh pdftotext:poppler-utils units:units bats:bats}; do
    command -v "${pair%%:*}" >/dev/null || missing+=("${pair##*:}")
  done
  # Photographs are read by a library that asks for it.
  compgen -G '/usr/lib/*/libgtk-3.so.0' >/dev/null || missing+=(libgtk-3-0)
  install_debian "${missing[@]}"
  pg=$(postgres_bin)
}

packages_new() { [ ! -e web/node_modules/.package-lock.json ] || [ web/package-lock.json -nt web/node_modules/.package-lock.json ]; }

sources_new() {
  [ ! -e .emboq/built ] || [ ! -e "$app" ] || [ ! -e src/Emboq.Web/wwwroot/index.html ] || [ -n "$(find src web Directory.* -newer .emboq/built -type f \
    -not -path '*/node_modules/*' -not -path '*/bin/*' -not -path '*/obj/*' -not -path '*/wwwroot/*' -not -name schema.ts -print -quit)" ]
}

build_front_end() {
  if packages_new; then
    (cd web && npm ci --ignore-scripts --no-audit --no-fund --loglevel=error) || return
    touch web/node_modules/.package-lock.json
  fi
  (cd web && npm run --silent build)
}

build() { # builds what changed; one build of a checkout at a time
  mkdir -p .emboq
  exec 9>.emboq/lock
  flock 9
  if packages_new || sources_new; then
    say "Building"
    build_front_end >.emboq/web-build.log 2>&1 &
    local front=$! well=0
    dotnet build -c Release -v q -clp:ErrorsOnly src/Emboq.Web >.emboq/build.log 2>&1 || well=1
    wait "$front" || { cat .emboq/web-build.log >&2; fail "the front end does not build."; }
    [ "$well" = 0 ] || { cat .emboq/build.log >&2; fail "the application does not build."; }
    touch .emboq/built
  fi
  exec 9>&-
}
