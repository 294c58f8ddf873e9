# What the machine must have, and a way to get it on Debian. Sourced by ./pelluna.

say() { printf '%s\n' "$*" >&2; }
die() { say "$*"; exit 1; }
usage() { say "$*"; say "./pelluna help lists the commands."; exit 2; }

find_postgres() { ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -n 1; }

# Of the compiler, which an archive with everything built in it does without; 0 when there is none.
java_version() {
  local tool=javac
  ! packed || tool=java
  { "$tool" -version 2>&1 || true; } | sed -n '1s/[^0-9]*\([0-9]*\).*/\1/p' | grep . || echo 0
}

has() {
  case $1 in
    java) [ "$(java_version)" -ge 17 ] ;;
    maven) packed || command -v mvn >/dev/null ;;
    postgres) pg=$(find_postgres) && [ -n "$pg" ] && [ -x "$pg/initdb" ] && [ -x "$pg/postgres" ] ;;
    chromium) [ -x /usr/bin/chromium ] ;;
    nginx) [ -x /usr/sbin/nginx ] ;;
    wrk) command -v wrk >/dev/null ;;
  esac
}

package_of() {
  case $1 in
    java) if packed; then echo openjdk-17-jre-headless; else echo openjdk-17-jdk-headless; fi ;;
    maven) echo maven ;;
    postgres) echo postgresql ;;
    chromium) echo chromium ;;
    nginx) echo nginx ;;
    wrk) echo wrk ;;
  esac
}

# A service's user has neither the right nor somebody who types a password.
may_sudo() { command -v sudo >/dev/null && { sudo -n true 2>/dev/null || [ -t 0 ]; }; }

# Installs the Debian packages of whatever is missing; does and says nothing if all is there.
need_tools() {
  local missing=() tool
  for tool in "$@"; do has "$tool" || missing+=("$(package_of "$tool")"); done
  [ ${#missing[@]} -eq 0 ] && return
  command -v apt-get >/dev/null || die "Please install: ${missing[*]} (this machine has no apt-get)."
  local root=()
  if [ "$(id -u)" != 0 ]; then
    may_sudo || die "Please install as root: apt-get install ${missing[*]}"
    root=(sudo)
  fi
  say "Installing with apt: ${missing[*]}"
  "${root[@]}" env DEBIAN_FRONTEND=noninteractive apt-get update -q >&2
  "${root[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -q -y --no-install-recommends "${missing[@]}" >&2
  for tool in "$@"; do has "$tool" || die "$(package_of "$tool") is installed, but $tool is not to be found."; done
}

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

free_port() {
  local port
  for _ in $(seq 200); do
    port=$((20000 + RANDOM % 12000))
    port_taken "$port" || { echo "$port"; return; }
  done
  die "No free port on 127.0.0.1."
}
