# Keeps PostgreSQL and Pelluna running while './pelluna serve' or 'demo' does. Sourced by ./pelluna.

# So many starts anew within so many seconds; after that something is wrong that starting does not mend.
most_starts=5
within=600

server_alive() { # the process number in a file's first line
  local pid
  read -r pid 2>/dev/null <"$1" || return 1
  kill -0 "$pid" 2>/dev/null && [ "$(awk '/^State:/ { print $2 }' "/proc/$pid/status" 2>/dev/null)" != Z ]
}

# Starts PostgreSQL again when it is gone, for as long as the launcher lives. A new port means a new start of Pelluna too.
watch_database() { # folder, process number of the launcher
  local before
  before=$(cat "$1/port")
  while sleep 1 && kill -0 "$2" 2>/dev/null; do
    server_alive "$1/db/postmaster.pid" && continue
    [ -f "$1/stopping" ] && return
    say "PostgreSQL is gone; starting it again."
    (start_cluster "$1") || continue
    say "PostgreSQL runs again."
    if [ "$(cat "$1/port")" != "$before" ]; then
      before=$(cat "$1/port")
      kill -KILL "$(cat "$1/server.pid")" 2>/dev/null || true
    fi
  done
}

# docs/performance.md measures by these: the heap grows no more than it must, and shared classes lie where they were laid down, so that
# their pages stay as they are in the file. PELLUNA_JAVA: more of them, of which the later holds, such as -Xmx1500m.
jvm_flags="-Xms96m -Xmn24m -Xmx768m -XX:MinHeapFreeRatio=15 -XX:MaxHeapFreeRatio=30 -XX:TieredStopAtLevel=1"
jvm_flags+=" -XX:+UseSerialGC -XX:+UnlockDiagnosticVMOptions -XX:ArchiveRelocationMode=0 ${PELLUNA_JAVA:-}"
export MALLOC_ARENA_MAX=2

# Beans as they were laid out when Pelluna was built; only a port for whoever watches asks for some that are not among them.
as_laid_out() { [ -n "${PELLUNA_WATCH_PORT:-}" ] || echo -Dspring.aot.enabled=true; }

# What classes a run needed, kept so that the next start need not read and check them again (JEP 350). It is written when the first run
# of this very program ends.
share_classes() { # sets shared
  shared=''
  [ -z "${PELLUNA_CLASSPATH:-}" ] || return 0
  local now archive="$home/classes.jsa"
  now=$({ java -version 2>&1; echo "$jvm_flags"; jars | xargs -d '\n' stat -c '%n %s %Y'; } | sha256sum)
  if [ -s "$archive" ] && [ "$(cat "$home/classes.of" 2>/dev/null)" = "$now" ]; then
    shared="-XX:SharedArchiveFile=$archive -Xlog:cds=off -Xlog:cds+dynamic=off"
  else
    rm -f "$archive"
    echo "$now" >"$home/classes.of"
    shared="-XX:ArchiveClassesAtExit=$archive -Xlog:cds=off -Xlog:cds+dynamic=off"
  fi
}

run_server() { # database, profile, port; sets server
  share_classes
  PELLUNA_DB_URL="jdbc:postgresql://127.0.0.1:$(cat "$home/port")/$1" PELLUNA_DB_PASSWORD=$(cat "$home/password") \
    java $jvm_flags $shared $(as_laid_out) -XX:+ExitOnOutOfMemoryError -cp "$(classpath)" pelluna.app.PellunaApplication \
    --server.port="$3" --spring.profiles.active="$2" --pelluna.hosts="${PELLUNA_HOSTS:-}" \
    --pelluna.sign-up="${PELLUNA_SIGN_UP:-false}" ${PELLUNA_PROBES:+--pelluna.probes="$PELLUNA_PROBES"} \
    ${lan:+--pelluna.lan.folder="$home/lan" --pelluna.lan.port="$lan_port" --pelluna.lan.address="$lan_address"} 9>&- &
  server=$!
  echo "$server" >"$home/server.pid"
}

end_server() {
  case $shared in *AtExit*) say "Ending. The first time takes some seconds more, so that later starts are quicker." ;; esac
  kill -TERM "$server" 2>/dev/null || true
}

# Runs Pelluna until it is asked to end; what ends by itself is started again, up to a limit.
keep_running() { # database, profile, port
  local code starts=() now
  while :; do
    run_server "$@"
    code=0
    wait "$server" || code=$?
    while kill -0 "$server" 2>/dev/null; do # the wait was cut short by a signal
      code=0
      wait "$server" || code=$?
    done
    case $code in 0|130|143) return 0 ;; esac
    [ ! -f "$home/stopping" ] || return 0
    now=$(date +%s)
    starts=($(for s in "${starts[@]}" "$now"; do [ $((now - s)) -ge $within ] || echo "$s"; done))
    [ ${#starts[@]} -le $most_starts ] || die "Pelluna ended $most_starts times within $((within / 60)) minutes; it is not started again. See above for why."
    say "Pelluna ended by itself (exit code $code); starting it again, for the ${#starts[@]}. time of $most_starts."
    sleep 1
  done
}
