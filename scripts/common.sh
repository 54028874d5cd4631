# What every word of ./wexis shares: words to the person, tools, packages. Sourced, not run.
STATE="$ROOT/.wexis"
mkdir -p "$STATE"

say()  { printf '%s\n' "$*"; }
fail() { printf '\nWexis stopped: %s\n' "$1" >&2; [ -z "${2:-}" ] || printf 'Way out: %s\n' "$2" >&2; exit 1; }

as_root() { [ "$(id -u)" = 0 ]; }

# A server that Debian starts on its own is not wanted: Wexis has a private one. The package that would make it comes first and is told so.
without_debians_own_server() {
  case " $* " in *" postgresql "*) ;; *) return 0 ;; esac
  apt-get -o DPkg::Lock::Timeout=500 install -y -q --no-install-recommends postgresql-common || return 1
  grep -qs '^create_main_cluster' /etc/postgresql-common/createcluster.conf || echo 'create_main_cluster = false' >> /etc/postgresql-common/createcluster.conf
}

# Installs Debian packages that are missing: as root with apt, else says what to ask for.
ensure_packages() {
  local missing=() p
  for p in "$@"; do dpkg-query -W -f='${Status}' "$p" 2>/dev/null | grep -q 'ok installed' || missing+=("$p"); done
  [ ${#missing[@]} -eq 0 ] && return
  as_root || fail "these Debian packages are missing: ${missing[*]}" "sudo apt-get install -y ${missing[*]}   then the same command again."
  say "Installing ${missing[*]} (about a minute) …"
  export DEBIAN_FRONTEND=noninteractive
  { apt-get -o DPkg::Lock::Timeout=500 update -q && without_debians_own_server "${missing[@]}" && apt-get -o DPkg::Lock::Timeout=500 install -y -q --no-install-recommends "${missing[@]}"; } > "$STATE/apt.log" 2>&1 \
    || fail "apt could not install ${missing[*]}: $(tail -n 1 "$STATE/apt.log")" "read .wexis/apt.log, mend it, then the same command again."
}

ensure_dotnet() {
  command -v dotnet > /dev/null || fail "the .NET SDK is missing." "install the .NET 10 SDK so that 'dotnet --version' answers 10.x."
  case "$(dotnet --version 2>/dev/null)" in 10.*) ;; *) fail "the .NET SDK here is $(dotnet --version 2>&1 | head -n 1); Wexis needs 10." "install the .NET 10 SDK." ;; esac
}

ensure_node() {
  command -v npm > /dev/null || fail "Node.js is missing." "install Node 20 or newer, so that 'node --version' answers v20 or more."
  [ "$(node -p 'parseInt(process.versions.node)')" -ge 20 ] || fail "Node here is $(node --version); Wexis needs 20 or newer." "install Node 20."
}

ensure_web_packages() {
  ensure_node
  local wanted; wanted=$(sha256sum web/package-lock.json | cut -d' ' -f1)
  [ "$(cat web/node_modules/.wexis-lock 2>/dev/null)" = "$wanted" ] && return
  say "Installing the front end's packages …"
  (cd web && npm ci --no-audit --no-fund --loglevel=error) > "$STATE/npm.log" 2>&1 || fail "npm could not install the front end's packages: $(grep -m 1 'npm error' "$STATE/npm.log")" "read .wexis/npm.log, then the same command again."
  printf '%s' "$wanted" > web/node_modules/.wexis-lock
}

# A fingerprint of the files from which a part is built: names, sizes and times.
fingerprint() { find "$@" \( -name bin -o -name obj -o -name node_modules -o -name dist \) -prune -o -type f -printf '%p %s %T@\n' | sort | sha256sum | cut -d' ' -f1; }

server_fingerprint() { fingerprint src data Directory.Build.props Directory.Packages.props global.json; }
web_fingerprint() { fingerprint web/src web/index.html web/vite.config.ts web/package-lock.json; }

build_web() {
  local now; now=$(web_fingerprint)
  [ -f web/dist/index.html ] && [ "$(cat "$STATE/web.built" 2>/dev/null)" = "$now" ] && return
  ensure_web_packages
  say "Building the front end …"
  (cd web && npm run --silent build) > "$STATE/web-build.log" 2>&1 || { tail -n 20 "$STATE/web-build.log" >&2; fail "the front end does not build." "read .wexis/web-build.log."; }
  printf '%s' "$now" > "$STATE/web.built"
}

build_server() {
  ensure_dotnet
  local now; now=$(server_fingerprint)
  [ -f "$STATE/app/Wexis.Server.dll" ] && [ "$(cat "$STATE/server.built" 2>/dev/null)" = "$now" ] && return
  say "Building the server …"
  dotnet publish src/Wexis.Server -c Release -o "$STATE/app" -p:OpenApiGenerateDocumentsOnBuild=false -v quiet > "$STATE/server-build.log" 2>&1 || { tail -n 20 "$STATE/server-build.log" >&2; fail "the server does not build." "read .wexis/server-build.log."; }
  printf '%s' "$now" > "$STATE/server.built"
}

build_cli() {
  ensure_dotnet
  local now; now=$(server_fingerprint)
  [ -f "$STATE/cli/Wexis.Cli.dll" ] && [ "$(cat "$STATE/cli.built" 2>/dev/null)" = "$now" ] && return
  say "Building the headless checks …" >&2
  dotnet publish src/Wexis.Cli -c Release -o "$STATE/cli" -v quiet > "$STATE/cli-build.log" 2>&1 || { tail -n 20 "$STATE/cli-build.log" >&2; fail "the headless checks do not build." "read .wexis/cli-build.log."; }
  printf '%s' "$now" > "$STATE/cli.built"
}

write_contract() {
  say "Writing web/src/contract …"
  dotnet build src/Wexis.Server -c Release -v quiet -p:OpenApiGenerateDocumentsOnBuild=true --no-incremental > "$STATE/contract.log" 2>&1 || { tail -n 20 "$STATE/contract.log" >&2; fail "the server does not build." "read .wexis/contract.log."; }
  (cd web && npm run --silent contract > "$STATE/contract-types.log" 2>&1 && npx prettier --write --log-level warn src/contract/api.generated.ts) || fail "the types could not be made." "read .wexis/contract-types.log."
}
