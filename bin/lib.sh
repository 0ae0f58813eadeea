# Shared by the scripts beside it. Sourced, not run.
# shellcheck shell=bash

set -euo pipefail

# shellcheck disable=SC2034  # used by the scripts that source this
root=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)

say() { printf '%s\n' "kind-thimble: $*"; }
fail() {
  printf '%s\n' "kind-thimble: $*" >&2
  exit 1
}

am_root() { [ "$(id -u)" = 0 ]; }

# Where orders, log and pid live: outside the checkout.
default_home() {
  if am_root; then echo /var/lib/kind-thimble; else echo "${XDG_DATA_HOME:-$HOME/.local/share}/kind-thimble"; fi
}
# shellcheck disable=SC2034
home=${KIND_THIMBLE_HOME:-$(default_home)}

# --- what has to be installed -------------------------------------------------------------------

newest_postgres_bin() {
  local newest
  newest=$(find /usr/lib/postgresql -mindepth 1 -maxdepth 1 -type d 2>/dev/null | sort -V | tail -n 1)
  [ -n "$newest" ] && [ -x "$newest/bin/initdb" ] && echo "$newest/bin"
}

java_is_good() { command -v javac >/dev/null && [ "$(javac -version 2>&1 | sed 's/[^0-9]*\([0-9]*\).*/\1/')" -ge 17 ]; }
node_is_good() { command -v node >/dev/null && command -v npm >/dev/null && [ "$(node -p 'process.versions.node.split(".")[0]')" -ge 20 ]; }

# need PACKAGE... for what is missing: prints the Debian packages to install.
missing_packages() {
  java_is_good || echo openjdk-17-jdk-headless
  command -v mvn >/dev/null || echo maven
  command -v npm >/dev/null || echo nodejs npm
  newest_postgres_bin >/dev/null || echo postgresql
  command -v setsid >/dev/null || echo util-linux
  command -v curl >/dev/null || echo curl
  if [ "${1:-}" = tests ]; then
    [ -x /usr/bin/chromium ] || echo chromium
    command -v shellcheck >/dev/null || echo shellcheck
    command -v git >/dev/null || echo git
  fi
}

install_missing() {
  local packages
  packages=$(missing_packages "${1:-}" | tr '\n' ' ')
  [ -z "${packages// /}" ] && return 0
  say "installing from Debian's packages: $packages"
  local with=()
  if ! am_root; then
    command -v sudo >/dev/null || fail "these Debian packages are missing: $packages. Install them as root (apt-get install $packages) and start again."
    with=(sudo)
  fi
  "${with[@]}" apt-get update -qq </dev/null || fail "the package lists could not be fetched. Is there a network? Needed: $packages"
  # shellcheck disable=SC2086  # one word a package
  "${with[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends $packages </dev/null >/dev/null ||
    fail "installing failed: $packages. Run 'apt-get install $packages' to see why."
  hash -r
  node_is_good || fail "Node.js 20 or newer is needed; $(node --version 2>/dev/null || echo none) is installed. Install a newer one and start again."
}

need_space() { # need_space DIR MEGABYTES
  local free
  free=$(df -Pm "$1" | awk 'NR==2{print $4}')
  [ "$free" -ge "$2" ] || fail "only $free MB are free in $1, and $2 MB are needed. Make room and start again."
}

# --- a private PostgreSQL cluster on loopback -----------------------------------------------------

as_postgres() { if am_root; then (cd / && runuser -u postgres -- "$@"); else "$@"; fi; }

port_is_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

free_port() { # free_port FROM
  local port=$1
  while port_is_taken "$port"; do port=$((port + 1)); done
  echo "$port"
}

# make_cluster DIR [throw-away]: creates the cluster in DIR/pg with a random password in DIR/password.
make_cluster() {
  local dir=$1 bin fast=()
  bin=$(newest_postgres_bin)
  if am_root; then
    chown postgres: "$dir" || fail "the user postgres can't be given $dir."
    runuser -u postgres -- test -w "$dir" || fail "PostgreSQL runs as the user postgres and can't reach $dir. Set KIND_THIMBLE_HOME to a folder that it can reach, such as /var/lib/kind-thimble."
  fi
  [ "${2:-}" = throw-away ] && fast=(--no-sync)
  (umask 077 && head -c 24 /dev/urandom | base64 | tr -d '/+=\n' >"$dir/password")
  am_root && chown postgres: "$dir/password"
  as_postgres "$bin/initdb" -D "$dir/pg" -U kindthimble --pwfile="$dir/password" -A scram-sha-256 -E UTF8 --locale=C.UTF-8 "${fast[@]}" >"$dir/initdb.log" 2>&1 </dev/null ||
    fail "the database could not be made: $(tail -n 2 "$dir/initdb.log")"
  {
    echo "listen_addresses = '127.0.0.1'"
    echo "unix_socket_directories = ''"
    echo "max_connections = 40"
    echo "shared_buffers = 64MB"
    if [ "${2:-}" = throw-away ]; then printf '%s\n' "fsync = off" "synchronous_commit = off" "full_page_writes = off"; fi
  } >>"$dir/pg/postgresql.conf"
}

# start_cluster DIR PORT: starts it and waits.
start_cluster() {
  local dir=$1 port=$2 bin
  bin=$(newest_postgres_bin)
  as_postgres "$bin/pg_ctl" -D "$dir/pg" -w -t 60 -s -o "-p $port" -l "$dir/postgres.log" start </dev/null >/dev/null 2>&1 ||
    fail "the database did not start; its log says: $(tail -n 2 "$dir/postgres.log" 2>/dev/null)"
}

stop_cluster() {
  local bin
  bin=$(newest_postgres_bin) || return 0
  [ -f "$1/pg/postmaster.pid" ] || return 0
  as_postgres "$bin/pg_ctl" -D "$1/pg" -m fast -w -s stop </dev/null >/dev/null 2>&1 || true
}

# Port of a running cluster; nothing when it is not running.
cluster_port() {
  [ -f "$1/pg/postmaster.pid" ] || return 1
  local bin
  bin=$(newest_postgres_bin)
  as_postgres "$bin/pg_ctl" -D "$1/pg" status >/dev/null 2>&1 || return 1
  sed -n 4p "$1/pg/postmaster.pid"
}

sql() { # sql DIR PORT DATABASE COMMAND...
  local dir=$1 port=$2 database=$3
  shift 3
  PGPASSWORD=$(cat "$dir/password") "$(newest_postgres_bin)/psql" -X -q -h 127.0.0.1 -p "$port" -U kindthimble -d "$database" "$@"
}

# A database for tests that goes with the script: its address and password stand in the environment.
with_throw_away_database() {
  work=$(mktemp -d "${TMPDIR:-/tmp}/kind-thimble.XXXXXX")
  chmod 711 "$work"
  trap 'stop_cluster "$work"; rm -rf "$work"' EXIT
  make_cluster "$work" throw-away
  local port
  port=$(free_port 8141)
  start_cluster "$work" "$port"
  KIND_THIMBLE_TEST_DB=jdbc:postgresql://127.0.0.1:$port/
  KIND_THIMBLE_TEST_DB_PASSWORD=$(cat "$work/password")
  export KIND_THIMBLE_TEST_DB KIND_THIMBLE_TEST_DB_PASSWORD PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1
}
