# One of several that answer for one database which somebody else looks after. Sourced by ./pelluna.

node() { # arguments
  local port=8080
  while [ $# -gt 0 ]; do
    case $1 in
      --port) port=${2:-}; shift 2 || usage "--port needs a number" ;;
      --watch-port) a_port --watch-port "${2:-}"; export PELLUNA_WATCH_PORT=$2; shift 2 ;;
      *) usage "no such option: $1" ;;
    esac
  done
  a_port --port "$port"
  [ -n "${PELLUNA_DB_URL:-}" ] && [ -n "${PELLUNA_DB_PASSWORD:-}" ] \
    || die "A node needs its database: PELLUNA_DB_URL (jdbc:postgresql://host:5432/pelluna) and PELLUNA_DB_PASSWORD."
  need_tools java maven
  build
  exec java $jvm_flags $(as_laid_out) -XX:+ExitOnOutOfMemoryError -cp "$(classpath)" pelluna.app.PellunaApplication --server.port="$port" \
    --pelluna.hosts="${PELLUNA_HOSTS:-}" --pelluna.sign-up="${PELLUNA_SIGN_UP:-false}" \
    ${PELLUNA_PROBES:+--pelluna.probes="$PELLUNA_PROBES"}
}
