# Measures how quick it is; docs/performance.md has what came out. Sourced by ./pelluna.

bench() { # what
  ! packed || die "The benchmarks are in the checkout, not in this archive."
  case ${1:-engine} in
    pages) bench_in_tests PagesBenchmark -Dtest.jvm="$jvm_flags" ;;
    tanks) bench_in_tests ManyTanksBenchmark ;;
    load) need_tools wrk; bench_in_tests LoadBenchmark -Dtest.jvm="$jvm_flags" ;;
    frames) bench_in_tests FramesBenchmark ;;
    starts) bench_starts ;;
    solvers) bench_core pelluna.core.arrivals.SolverComparison ;;
    engine) bench_core org.openjdk.jmh.Main pelluna ;;
    all) bench_all ;;
    *) bench_core org.openjdk.jmh.Main "$@" ;;
  esac
}

# One after the other, each in a program of its own, so that none is warmer or older by another's work.
bench_all() {
  local what
  for what in starts pages tanks load frames solvers engine; do
    printf '\n== %s\n' "$what"
    "$here/pelluna" bench "$what"
  done
}

bench_in_tests() { # test, more
  local test=$1
  shift
  run_tests -q -Dtest="$test" -Dsurefire.failIfNoSpecifiedTests=false -Dsurefire.useFile=false "$@"
}

bench_core() { # class and what it is asked
  need_tools java maven
  mvn -q -B -ntp -f "$here/pom.xml" -pl core test-compile
  mvn -q -B -ntp -f "$here/pom.xml" -pl core org.codehaus.mojo:exec-maven-plugin:3.6.3:exec -Dexec.executable=java \
    -Dexec.classpathScope=test -Dexec.args="-cp %classpath $*"
}

# Starts of an installation of one's own: the first, which shares no classes yet, and more.
bench_starts() {
  need_tools java maven postgres
  build
  bench_folder=$(mktemp -d "${TMPDIR:-/tmp}/pelluna-starts.XXXXXX")
  chmod 711 "$bench_folder"
  trap 'rm -rf "$bench_folder"' EXIT
  printf '%-32s %10s %14s\n' start seconds 'resident, MB'
  local n
  for n in first second third fourth; do bench_start "$n" ""; done
  for n in 256 768; do
    bench_start "$n MB of heap, first" "-Xmx${n}m"
    bench_start "$n MB of heap, then" "-Xmx${n}m"
  done
}

bench_start() { # called, flags
  local port=8097 began launcher
  while port_taken "$port"; do port=$((port + 1)); done
  began=$(date +%s%N)
  PELLUNA_HOME=$bench_folder/home PELLUNA_COPIES=no PELLUNA_JAVA="$2" "$here/pelluna" serve --port "$port" >"$bench_folder/said" 2>&1 &
  launcher=$!
  until shows_a_page "$port"; do
    kill -0 "$launcher" 2>/dev/null || die "It did not start: $(cat "$bench_folder/said")"
    sleep 0.05
  done
  printf '%-32s %10.1f %14d\n' "$1" "$((($(date +%s%N) - began) / 1000000))e-3" \
    "$(($(awk '/VmRSS/ {print $2}' "/proc/$(cat "$bench_folder/home/server.pid")/status") / 1024))"
  kill "$launcher"
  wait "$launcher" || true
}

shows_a_page() ( # port
  exec 3<>"/dev/tcp/127.0.0.1/$1"
  printf 'GET /sign-in HTTP/1.0\r\nHost: 127.0.0.1\r\n\r\n' >&3
  head -n 1 <&3 | grep -Eq ' (200|302|303)'
) 2>/dev/null
