# What bin/test checks, part by part. Sourced, not run.
# shellcheck shell=bash
# shellcheck disable=SC2154  # root and work are set by who sources this

started=$SECONDS
took=()
beside_names=()
beside_pids=()

minutes() { printf '%d:%02d' $(($1 / 60)) $(($1 % 60)); }

table() {
  printf '\nMinutes by part:\n'
  local line
  for line in "${took[@]}"; do printf '  %s\n' "$line"; done
  # The modules, as Maven's own summary has them.
  [ ! -f "$work/maven.log" ] ||
    sed -n 's/^\[INFO\] \(Kind Thimble: [^.]*\) \.* *[SF][A-Z]* \[ *\([0-9:.]*\) *\([a-z]*\)\]$/    \2 \3  \1/p' "$work/maven.log"
  printf '  %s  whole run\n' "$(minutes $((SECONDS - started)))"
}

wrong() {
  table
  printf '\nkind-thimble: FAILED at "%s" after %d s\n' "$1" $((SECONDS - started))
  exit 1
}

passed() {
  table
  printf '\nkind-thimble: all gates passed in %d s\n' $((SECONDS - started))
}

# A part that everything after it waits for.
part() { # part NAME COMMAND...
  local name=$1 from=$SECONDS
  shift
  printf '\n== %s (%d s)\n' "$name" $((SECONDS - started))
  "$@" </dev/null || wrong "$name"
  took+=("$(minutes $((SECONDS - from)))  $name")
}

# A part that runs beside the next ones: its words come when it is done.
beside() { # beside NAME COMMAND...
  local name=$1
  shift
  (
    from=$SECONDS status=0
    "$@" </dev/null >"$work/beside.${#beside_names[@]}" 2>&1 || status=$?
    minutes $((SECONDS - from)) >"$work/beside.${#beside_names[@]}.took"
    exit $status
  ) &
  beside_names+=("$name")
  beside_pids+=($!)
}

both_done() {
  local i status red=''
  for i in "${!beside_pids[@]}"; do
    status=0
    wait "${beside_pids[$i]}" || status=$?
    printf '\n== %s\n' "${beside_names[$i]}"
    cat "$work/beside.$i"
    [ "$status" = 0 ] || red=${red:-${beside_names[$i]}}
    took+=("$(cat "$work/beside.$i.took")  ${beside_names[$i]} (beside the others)")
  done
  [ -z "$red" ] || wrong "$red"
}

maven() {
  (cd "$root" && mvn -B -ntp "$@") | tee "$work/maven.log"
}

# They calculate, while those of the application wait for its database now and then; where both want a core, the application goes first.
core_tests() {
  cd "$root" && nice -n 5 mvn -B -ntp surefire:test -pl core
}

# Those of the browser alone.
browser_tests() {
  cd "$root" && mvn -B -ntp verify -pl core,devices,web,app,e2e -Dcore.tests.elsewhere=true '-Dtest=kindthimble.e2e.**' -Dsurefire.failIfNoSpecifiedTests=false
}

scripts() {
  shellcheck -x "$root"/bin/{api,bench,db,faults,fuzz,licences,mutants,rules,screenshots,start,stop,test,try-data,try-fresh} "$root"/bin/lib/watch "$root"/.ci/run "$root"/web/build
}

# In step with openapi.json; after a change of the controllers bin/api writes both anew.
types_in_step() {
  (cd "$root/web" && npx openapi-typescript src/api/openapi.json -o "$work/schema.d.ts" >/dev/null) &&
    diff -q "$root/web/src/api/schema.d.ts" "$work/schema.d.ts" >/dev/null || {
    echo "the TypeScript types are not in step with openapi.json: run bin/api"
    return 1
  }
}

interface() {
  renice -n 5 $BASHPID >/dev/null
  (cd "$root/web" && npm run --silent check && npm run --silent lint && npm run --silent test) && types_in_step
}

# The browser tests again and again, while something else keeps both cores busy.
browser_again() { # browser_again TIMES
  local n busy=()
  for n in 1 2; do
    nice -n 5 sh -c 'while :; do :; done' &
    busy+=($!)
  done
  for n in $(seq 1 "$1"); do
    echo "run $n of $1"
    (browser_tests) || {
      kill "${busy[@]}"
      return 1
    }
  done
  kill "${busy[@]}"
}

# --- for the work in between ---------------------------------------------------------------------------

# Files that were changed and not committed, or else those of the last commit.
changed_files() {
  local now
  now=$(git -C "$root" status --porcelain --untracked-files=all | sed 's/^...//; s/.* -> //')
  if [ -n "$now" ]; then echo "$now"; else git -C "$root" diff --name-only HEAD~1; fi
}

# What of core takes long and can't have changed: all of these where nothing in core has, as one list for Maven.
slow_and_untouched() { # slow_and_untouched CHANGED
  grep -q '^core/' "$1" || echo '!TracingTest,!OnPaperTest,!TintSolverTest,!EveryMoveTest,!EveryHabitTest,!PourBalanceTest,!RegionPropertiesTest'
}

quick_formats() {
  scripts && (cd "$root" && mvn -B -q -ntp spotless:check)
}

quick_interface() { # quick_interface CHANGED
  local files=()
  mapfile -t files < <(sed -n 's|^web/\(src/.*\)|\1|p' "$1")
  [ "${#files[@]}" -gt 0 ] || return 0
  (cd "$root/web" && npm run --silent check && npx prettier --check --ignore-unknown "${files[@]}" &&
    npx vitest related --run --passWithNoTests "${files[@]}") && types_in_step
}

# Test classes of the application in the packages that a change touches: by the file itself, or by a class of core that one of its files names.
touched_app_tests() { # touched_app_tests CHANGED
  local file package class
  while read -r file; do
    case $file in
      app/src/*.java) echo "$(dirname "${file##*kindthimble/app/}")" ;;
      core/src/main/*.java)
        class=$(basename "$file" .java)
        package=$(dirname "${file##*java/}" | tr / .)
        grep -rlF "import $package.$class;" "$root/app/src/main/java" | sed 's|.*kindthimble/app/||; s|/[^/]*$||' || true
        ;;
    esac
  done <"$1" | sort -u | while read -r package; do
    find "$root/app/src/test/java/kindthimble/app/$package" -maxdepth 1 -name '*Test.java' -exec basename {} .java \; 2>/dev/null || true
  done | sort -u
}
