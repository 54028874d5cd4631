# Every check of Wexis: the front end's beside the build of the rest, then the tests, one sum at the end. Sourced, not run.
REPORTS="$STATE/reports"

# step NAME COMMAND…: runs, keeps the output, says how long it took.
step() {
  local name=$1 log from; shift
  log="$REPORTS/$name.log"; from=$(date +%s)
  if "$@" > "$log" 2>&1; then printf '  %-34s ok, %s s\n' "$name" $(($(date +%s) - from)); return 0; fi
  printf '  %-34s FAILED, %s s\n' "$name" $(($(date +%s) - from)); tail -n 60 "$log"
  printf '%s\n' "$name" >> "$REPORTS/broken"; return 1
}

test_database() {
  TESTPG=$(cluster_folder testpg)
  # Nothing here must survive a power cut, so the disk is not waited for.
  start_cluster "$TESTPG" 5580 "-c fsync=off -c synchronous_commit=off -c full_page_writes=off -c max_connections=200"
  ensure_app_role "$TESTPG"
  export WEXIS_TEST_APP_SECRET; WEXIS_TEST_APP_SECRET=$(cat "$STATE/$(basename "$TESTPG").app.secret")
  export WEXIS_TEST_DB="Host=127.0.0.1;Port=$(cat "$STATE/testpg.port" 2>/dev/null || cat "$STATE/$(basename "$TESTPG").port");Username=wexis;Password=$(cat "$STATE/$(basename "$TESTPG").secret")"
  sql "$TESTPG" "SELECT format('DROP DATABASE %I WITH (FORCE);', datname) FROM pg_database WHERE datname LIKE 'wexis_test_%' OR datname LIKE 'wexis_template_%'" | while read -r drop; do sql "$TESTPG" "$drop"; done
}

web_checks() {
  step web-types      bash -c 'cd web && npm run --silent types' || true
  step web-format     bash -c 'cd web && npm run --silent format' || true
  step web-tests      bash -c "cd web && npx vitest run --reporter=json --outputFile='$REPORTS/web.json'" || true
  step web-lint       bash -c 'cd web && npm run --silent lint' || true
}

# The committed contract must be the one that the server's build writes, and the types the ones made from it.
contract_is_fresh() {
  cp -r web/src/contract "$REPORTS/contract-before"
  (cd web && npm run --silent contract && npx prettier --write --log-level warn src/contract/api.generated.ts)
  diff -q "$REPORTS/contract-before/api.generated.ts" web/src/contract/api.generated.ts || { echo "web/src/contract is stale: run ./wexis contract and commit."; return 1; }
}

contract_unchanged_by_build() {
  diff "$REPORTS/api-committed.json" web/src/contract/api.json > "$REPORTS/contract.diff" || { head -40 "$REPORTS/contract.diff"; echo "web/src/contract/api.json is stale: run ./wexis contract and commit."; return 1; }
}

dotnet_tests() { local project=$1; "tests/$project/bin/Release/net10.0/$project" -noColor -noLogo -result-ctrf "$REPORTS/${REPORT:-$project}.json" "${@:2}"; }

run_tests() {
  local what=${1:-all}
  ensure_dotnet; ensure_web_packages; ensure_postgres
  [ "$what" = all ] || [ "$what" = browser ] && ensure_packages chromium chromium-driver fonts-liberation
  rm -rf "$REPORTS"; mkdir -p "$REPORTS"; : > "$REPORTS/broken"
  local began; began=$(date +%s)
  say "Testing Wexis …"
  if [ "$what" = web ]; then web_checks; sum_up "$began"; return; fi
  test_database
  [ "$what" = all ] && { web_checks & local web=$!; }
  cp web/src/contract/api.json "$REPORTS/api-committed.json"
  step build dotnet build Wexis.slnx -c Release -v quiet ${CI:+-p:ContinuousIntegrationBuild=true} || { wait; sum_up "$began"; }
  step contract contract_unchanged_by_build || true
  case "$what" in
    all)
      step core-tests dotnet_tests Wexis.Core.Tests || true
      step server-tests dotnet_tests Wexis.Server.Tests -trait- category=bench || true
      wait "$web" || true
      step types-of-contract contract_is_fresh || true
      step web-build bash -c 'cd web && npm run --silent build' && { printf '%s' "$(web_fingerprint)" > "$STATE/web.built"; step browser-tests dotnet_tests Wexis.Browser.Tests -trait- category=shots -trait- category=bench || true; }
      step format bash -c 'dotnet tool restore >/dev/null && dotnet csharpier check .' || true ;;
    core)    step core-tests dotnet_tests Wexis.Core.Tests "${@:2}" || true ;;
    server)  step server-tests dotnet_tests Wexis.Server.Tests -trait- category=bench "${@:2}" || true ;;
    browser) build_web; step browser-tests dotnet_tests Wexis.Browser.Tests -trait- category=shots -trait- category=bench "${@:2}" || true ;;
    *) fail "There is no part '$what' to test." "./wexis test, or one of: core, server, browser, web." ;;
  esac
  stop_cluster "$TESTPG"
  sum_up "$began"
}

# Adds up the reports. No test at all is a failure; so is a step that broke without failing a test.
sum_up() {
  node - "$REPORTS" "$1" <<'JS'
const fs = require("fs"), path = require("path");
const [folder, began] = process.argv.slice(2);
let passed = 0, failed = 0, skipped = 0;
const named = [];
const name = (test, why) => named.push(`  failed: ${test}\n          ${String(why ?? "").split("\n").slice(0, 2).join(" ").slice(0, 400)}`);
for (const file of fs.readdirSync(folder).filter((f) => f.endsWith(".json") && f !== "api-committed.json")) {
  const report = JSON.parse(fs.readFileSync(path.join(folder, file), "utf8"));
  const s = report.results?.summary;
  for (const t of report.results?.tests ?? []) if (t.status === "failed") name(t.name, t.message);
  for (const t of (report.testResults ?? []).flatMap((f) => f.assertionResults ?? [])) if (t.status === "failed") name(t.fullName, t.failureMessages?.[0]);
  if (s) { passed += s.passed; failed += s.failed; skipped += (s.skipped ?? 0) + (s.pending ?? 0); }
  else if ("numPassedTests" in report) { passed += report.numPassedTests; failed += report.numFailedTests; skipped += report.numPendingTests ?? 0; }
}
const broken = fs.readFileSync(path.join(folder, "broken"), "utf8").split("\n").filter(Boolean);
if (broken.length > 0 && failed === 0) failed = broken.length;
if (named.length > 0) console.log(named.join("\n"));
if (passed + failed === 0) { console.log("No test ran."); failed = 1; }
console.log(`Took ${Math.round(Date.now() / 1000 - Number(began))} s.${broken.length ? ` Broken: ${broken.join(", ")}.` : ""}`);
console.log(`${passed} passed, ${failed} failed${skipped ? `, ${skipped} skipped` : ""}`);
process.exit(failed > 0 ? 1 : 0);
JS
  exit $?
}

run_shots() {
  ensure_dotnet; ensure_postgres; ensure_packages chromium chromium-driver fonts-liberation
  build_web
  rm -rf "$REPORTS"; mkdir -p "$REPORTS" docs/screenshots; : > "$REPORTS/broken"
  test_database
  step build dotnet build tests/Wexis.Browser.Tests -c Release -v quiet -p:OpenApiGenerateDocumentsOnBuild=false || exit 1
  WEXIS_SHOTS="$ROOT/docs/screenshots" step shots dotnet_tests Wexis.Browser.Tests -trait category=shots || exit 1
  stop_cluster "$TESTPG"
  ls docs/screenshots
}

# The core by itself, then the store against bare statements, then a library of 2,000 in a real browser; or one of the three.
run_bench() {
  ensure_dotnet
  local what=${1:-all}
  case "$what" in
    all|store|library) ;;
    *) exec dotnet run --project benchmarks/Wexis.Benchmarks -c Release -- "$@" ;;
  esac
  [ "$what" != all ] || dotnet run --project benchmarks/Wexis.Benchmarks -c Release || exit 1
  ensure_postgres
  rm -rf "$REPORTS"; mkdir -p "$REPORTS"; : > "$REPORTS/broken"
  if [ "$what" != library ]; then
    durable_database
    step build dotnet build tests/Wexis.Server.Tests -c Release -v quiet -p:OpenApiGenerateDocumentsOnBuild=false || exit 1
    WEXIS_BENCH="$REPORTS/store.txt" step store dotnet_tests Wexis.Server.Tests -trait category=bench || exit 1
    stop_cluster "$DURABLE"
  fi
  if [ "$what" != store ]; then
    test_database
    ensure_packages chromium chromium-driver fonts-liberation
    build_web
    step build dotnet build tests/Wexis.Browser.Tests -c Release -v quiet -p:OpenApiGenerateDocumentsOnBuild=false || exit 1
    WEXIS_BENCH="$REPORTS/library.txt" step browser dotnet_tests Wexis.Browser.Tests -trait category=bench || exit 1
    stop_cluster "$TESTPG"
  fi
  [ ! -s "$REPORTS/store.txt" ] || { say "The store against bare statements:"; cat "$REPORTS/store.txt"; }
  [ ! -s "$REPORTS/library.txt" ] || { say "A library of 2,000 techniques:"; cat "$REPORTS/library.txt"; }
}

# A cluster that waits for the disk, as a house's does: what is measured or killed there counts for a house.
durable_database() {
  DURABLE=$(cluster_folder drillpg)
  local name; name=$(basename "$DURABLE")
  start_cluster "$DURABLE" 5680 "-c max_connections=200"
  ensure_app_role "$DURABLE"
  export WEXIS_TEST_APP_SECRET WEXIS_TEST_DB; WEXIS_TEST_APP_SECRET=$(cat "$STATE/$name.app.secret")
  WEXIS_TEST_DB="Host=127.0.0.1;Port=$(cat "$STATE/$name.port");Username=wexis;Password=$(cat "$STATE/$name.secret")"
}

# The whole, or one of hazards, server, database.
run_drill() {
  local part="${1:-whole}"
  case "$part" in whole|hazards|server|database) ;; *) echo "drill: $part is none of hazards, server, database." >&2; exit 2 ;; esac
  ensure_dotnet; ensure_postgres; ensure_packages chromium chromium-driver fonts-liberation
  build_web
  rm -rf "$REPORTS"; mkdir -p "$REPORTS"; : > "$REPORTS/broken"
  local began; began=$(date +%s)
  test_database
  step build dotnet build Wexis.slnx -c Release -v quiet -p:OpenApiGenerateDocumentsOnBuild=false || exit 1
  case "$part" in whole|hazards) WEXIS_DRILL=long step hazard-drill dotnet_tests Wexis.Core.Tests -class Wexis.Core.Tests.Techniques.HazardPropertyTests || true ;; esac
  case "$part" in whole|server) WEXIS_DRILL=long step server-drill dotnet_tests Wexis.Server.Tests -trait category=drill -class- Wexis.Server.Tests.Grading.DatabaseDrillTests || true ;; esac
  stop_cluster "$TESTPG"
  case "$part" in hazards|server) sum_up "$began"; return ;; esac
  durable_database
  REPORT=database-drill WEXIS_DRILL_KILL_DB="$ROOT/scripts/drill-db.sh" step database-drill dotnet_tests Wexis.Server.Tests -class Wexis.Server.Tests.Grading.DatabaseDrillTests || true
  stop_cluster "$DURABLE"
  sum_up "$began"
}
