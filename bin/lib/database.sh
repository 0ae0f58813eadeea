# A private PostgreSQL cluster on loopback. Sourced by bin/lib.sh.
# shellcheck shell=bash

newest_postgres_bin() {
  local newest
  newest=$(find /usr/lib/postgresql -mindepth 1 -maxdepth 1 -type d 2>/dev/null | sort -V | tail -n 1)
  [ -n "$newest" ] && [ -x "$newest/bin/initdb" ] && echo "$newest/bin"
}

# The binaries for a cluster: those of the version that made it.
postgres_bin() { # postgres_bin DIR
  local version
  version=$(cat "$1/pg/PG_VERSION" 2>/dev/null) || {
    newest_postgres_bin
    return
  }
  [ -x "/usr/lib/postgresql/$version/bin/postgres" ] && echo "/usr/lib/postgresql/$version/bin"
}

# A sentence where the cluster can't be opened on this machine; nothing is touched.
check_cluster() { # check_cluster DIR
  local version newest
  version=$(as_postgres cat "$1/pg/PG_VERSION" 2>/dev/null) ||
    fail "the database in $1 is not whole: it has no $1/pg/PG_VERSION. Nothing was changed. Move that folder away and start again for an empty one; then bin/db restore brings a backup back."
  newest=$(newest_postgres_bin) || fail "PostgreSQL is not installed; bin/start installs it."
  postgres_bin "$1" >/dev/null ||
    fail "the orders in $1 were kept by PostgreSQL $version, which is not installed; $(basename "$(dirname "$newest")") is. Nothing was changed. Install postgresql-$version; or move $1 away, start, and bring a backup back: bin/db restore FILE (nightly ones lie in $home/backup)."
}

as_postgres() { if am_root; then (cd / && runuser -u postgres -- "$@"); else "$@"; fi; }

new_password() { head -c 24 /dev/urandom | base64 | tr -d '/+=\n'; }

# Creates the cluster in DIR/pg with a random password in DIR/password. DIR appears only when it is whole.
make_cluster() { # make_cluster DIR [throw-away]
  local dir=$1 making=$1.making bin fast=() auth=scram-sha-256
  bin=$(newest_postgres_bin)
  rm -rf "$making"
  mkdir -p "$making"
  if am_root; then
    chown postgres: "$making" || fail "the user postgres can't be given $making."
    (cd / && runuser -u postgres -- test -w "$making") || fail "PostgreSQL runs as the user postgres and can't reach $dir. Set KIND_THIMBLE_HOME to a folder that it can reach, such as /var/lib/kind-thimble."
  fi
  # Tests connect thousands of times, and each time scram-sha-256 takes long on purpose.
  if [ "${2:-}" = throw-away ]; then fast=(--no-sync) auth=md5; fi
  (umask 077 && new_password >"$making/password")
  am_root && chown postgres: "$making/password"
  as_postgres "$bin/initdb" -D "$making/pg" -U kindthimble --pwfile="$making/password" -A "$auth" -E UTF8 --locale=C.UTF-8 "${fast[@]}" >"$making/initdb.log" 2>&1 </dev/null ||
    fail "the database could not be made: $(tail -n 2 "$making/initdb.log")"
  {
    echo "listen_addresses = '127.0.0.1'"
    echo "unix_socket_directories = ''"
    echo "max_connections = 40"
    echo "shared_buffers = 64MB"
    # Tests run several applications on it, each with its pool of connections.
    if [ "${2:-}" = throw-away ]; then printf '%s\n' "fsync = off" "synchronous_commit = off" "full_page_writes = off" "max_connections = 200"; fi
  } >>"$making/pg/postgresql.conf"
  mv "$making" "$dir"
}

# A password file that is gone is made anew: whoever owns the cluster's files may set its password.
mend_password() { # mend_password DIR
  local dir=$1 bin password
  [ -s "$dir/password" ] && return 0
  cluster_port "$dir" >/dev/null && stop_cluster "$dir"
  bin=$(postgres_bin "$dir")
  password=$(new_password)
  echo "alter role kindthimble password '$password'" |
    as_postgres "$bin/postgres" --single -D "$dir/pg" postgres >/dev/null 2>&1 ||
    fail "the password of the database, $dir/password, is missing, and no new one could be set. Nothing was changed; put the file back from a copy."
  (umask 077 && printf '%s' "$password" >"$dir/password")
  if am_root; then chown postgres: "$dir/password"; fi
  say "the file with the database's password was missing; it has a new one"
}

start_cluster() { # start_cluster DIR PORT
  local dir=$1 port=$2 bin
  bin=$(postgres_bin "$dir")
  # Where it was killed, its last processes may take some seconds to end, and it does not start beside them.
  for _ in $(seq 1 10); do
    if as_postgres "$bin/pg_ctl" -D "$dir/pg" -w -t 60 -s -o "-p $port" -l "$dir/postgres.log" start </dev/null >/dev/null 2>&1; then return 0; fi
    grep -q 'still in use\|already exists' <(as_postgres tail -n 5 "$dir/postgres.log" 2>/dev/null) || break
    sleep 1
  done
  fail "the database did not start; its log says: $(as_postgres tail -n 2 "$dir/postgres.log" 2>/dev/null)"
}

stop_cluster() { # stop_cluster DIR
  local bin
  bin=$(postgres_bin "$1") || return 0
  [ -f "$1/pg/postmaster.pid" ] || return 0
  as_postgres "$bin/pg_ctl" -D "$1/pg" -m fast -w -s stop </dev/null >/dev/null 2>&1 || true
}

# Port of a running cluster; fails when it is not running.
cluster_port() { # cluster_port DIR
  local bin pid
  bin=$(postgres_bin "$1") || return 1
  pid=$(as_postgres head -n 1 "$1/pg/postmaster.pid" 2>/dev/null) || return 1
  # After a crash the number may be another program's.
  { tr '\0' ' ' <"/proc/$pid/cmdline"; } 2>/dev/null | grep -q postgres || return 1
  as_postgres "$bin/pg_ctl" -D "$1/pg" status >/dev/null 2>&1 || return 1
  as_postgres sed -n 4p "$1/pg/postmaster.pid"
}

sql() { # sql DIR PORT DATABASE COMMAND...
  local dir=$1 port=$2 database=$3
  shift 3
  PGPASSWORD=$(cat "$dir/password") "$(postgres_bin "$dir")/psql" -X -q -h 127.0.0.1 -p "$port" -U kindthimble -d "$database" "$@"
}

# A database for tests that goes with the script: its address and password stand in the environment.
with_throw_away_database() {
  work=$(mktemp -d "${TMPDIR:-/tmp}/kind-thimble.XXXXXX")
  chmod 711 "$work"
  mkdir "$work/tmp"
  if am_root; then chown postgres: "$work"; fi
  trap 'stop_cluster "$work/db"; rm -rf "$work"' EXIT
  make_cluster "$work/db" throw-away
  local port
  port=$(free_port 8141)
  start_cluster "$work/db" "$port"
  KIND_THIMBLE_TEST_DB=jdbc:postgresql://127.0.0.1:$port/
  KIND_THIMBLE_TEST_DB_PASSWORD=$(cat "$work/db/password")
  # What tests and the browser write for a while goes with the rest.
  export MAVEN_OPTS="${MAVEN_OPTS:-} -Djava.io.tmpdir=$work/tmp" TMPDIR=$work/tmp
  export KIND_THIMBLE_TEST_DB KIND_THIMBLE_TEST_DB_PASSWORD PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1
}
