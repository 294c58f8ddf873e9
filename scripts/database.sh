# A private PostgreSQL cluster on loopback, with its own folder, port and password. Sourced by ./pelluna.

# PostgreSQL refuses to run as root: then its commands run as the user 'postgres'.
as_db() { if [ "$(id -u)" = 0 ]; then runuser -u postgres -- "$@"; else "$@"; fi; }

data_folder() {
  if [ -n "${PELLUNA_HOME:-}" ]; then home=$PELLUNA_HOME
  elif [ "$(id -u)" = 0 ]; then home=/var/lib/pelluna
  else home=${XDG_DATA_HOME:-$HOME/.local/share}/pelluna; fi
  mkdir -p "$home"
  chmod 711 "$home"
}

cluster_runs() { (cd / && as_db "$pg/pg_ctl" -D "$1/db" status) >/dev/null 2>&1 && ! is_dead "$1"; }

# A server that was killed hard and not yet reaped still has a process number, and would keep a new one from starting.
is_dead() {
  local pid
  pid=$(head -n 1 "$1/db/postmaster.pid" 2>/dev/null) || return 1
  [ "$(awk '/^State:/ { print $2 }' "/proc/$pid/status" 2>/dev/null)" = Z ]
}

init_cluster() {
  say "Setting up a private PostgreSQL cluster in $1/db"
  rm -rf "$1/db.new" "$1/db.log" "$1/db"
  mkdir -p "$1/db.new"
  (umask 077; head -c 24 /dev/urandom | base64 | tr -d '/+=\n' >"$1/password")
  local once
  once=$(mktemp)
  cp "$1/password" "$once"
  touch "$1/db.log"
  [ "$(id -u)" = 0 ] && chown postgres: "$1/db.new" "$1/db.log" "$once"
  (cd / && as_db "$pg/initdb" -D "$1/db.new" -U pelluna --auth=scram-sha-256 --pwfile="$once" --encoding=UTF8 --locale=C.UTF-8) >/dev/null \
    || { rm -f "$once"; die "initdb failed."; }
  rm -f "$once"
  mv "$1/db.new" "$1/db"
}

start_cluster() {
  [ -f "$1/db/PG_VERSION" ] && [ -f "$1/password" ] || init_cluster "$1"
  cluster_runs "$1" && return
  if is_dead "$1"; then rm -f "$1/db/postmaster.pid"; fi
  [ -f "$1/port" ] && ! port_taken "$(cat "$1/port")" || free_port >"$1/port"
  (cd / && as_db "$pg/pg_ctl" -D "$1/db" -l "$1/db.log" -w -t 60 start \
    -o "-p $(cat "$1/port") -c listen_addresses=127.0.0.1 -c unix_socket_directories=''") >/dev/null 9>&- \
    || { tail -n 5 "$1/db.log" >&2; die "PostgreSQL did not start; its log is $1/db.log."; }
}

stop_cluster() { if [ -d "$1/db" ] && cluster_runs "$1"; then (cd / && as_db "$pg/pg_ctl" -D "$1/db" -m fast -w stop) >/dev/null || true; fi; }

ask_cluster() { PGPASSWORD=$(cat "$1/password") "$pg/psql" -h 127.0.0.1 -p "$(cat "$1/port")" -U pelluna -d postgres -qtA -c "$2"; }

has_database() { [ "$(ask_cluster "$1" "select 1 from pg_database where datname = '$2'")" = 1 ]; }

create_database() { has_database "$1" "$2" || ask_cluster "$1" "create database $2"; }

# A server whose launcher was killed hard still holds its port: end it before starting anew.
end_orphan() {
  [ -f "$home/server.pid" ] || return 0
  local old
  old=$(cat "$home/server.pid")
  if [ -r "/proc/$old/cmdline" ] && tr '\0' ' ' <"/proc/$old/cmdline" | grep -q pelluna.app.PellunaApplication; then
    say "Ending a server that was left behind."
    kill -TERM "$old" 2>/dev/null || true
    for _ in $(seq 50); do kill -0 "$old" 2>/dev/null || return 0; sleep 0.1; done
    kill -KILL "$old" 2>/dev/null || true
    sleep 0.3
  fi
}
