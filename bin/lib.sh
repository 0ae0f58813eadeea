# Shared by the scripts beside it. Sourced, not run.
# shellcheck shell=bash

set -euo pipefail
# Sorting, letters in folder names and messages are the same whatever the machine's language is.
export LC_ALL=C.UTF-8

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
home=${KIND_THIMBLE_HOME:-$(default_home)}
case $home in
  /*) ;;
  *) home=$PWD/$home ;;
esac

port_is_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

free_port() { # free_port FROM
  local port=$1
  while port_is_taken "$port"; do port=$((port + 1)); done
  echo "$port"
}

# The pid of the running application's watch (bin/lib/watch). A pid file may be stale, and its number another program's by now.
app_pid() {
  local pid
  pid=$(cat "$home/app.pid" 2>/dev/null) && [[ $pid =~ ^[0-9]+$ ]] || return 1
  [ -r "/proc/$pid/cmdline" ] && tr '\0' '\n' <"/proc/$pid/cmdline" | grep -Fxq -- "--watch-of=$home" && echo "$pid"
}

# The application itself, where its watch was killed and left it alone.
java_pid() {
  local pid
  pid=$(cat "$home/app.java.pid" 2>/dev/null) && [[ $pid =~ ^[0-9]+$ ]] || return 1
  [ -r "/proc/$pid/cmdline" ] && tr '\0' '\n' <"/proc/$pid/cmdline" | grep -Fxq -- "-Djava.io.tmpdir=$home/tmp" && echo "$pid"
}

# The scale of the practice kitchen.
scale_pid() {
  local pid
  pid=$(cat "$home/scale.pid" 2>/dev/null) && [[ $pid =~ ^[0-9]+$ ]] || return 1
  [ -r "/proc/$pid/cmdline" ] && tr '\0' '\n' <"/proc/$pid/cmdline" | grep -Fxq kindthimble.devices.KitchenScale && echo "$pid"
}

end_process() { # end_process PID: asks it to end, and waits 20 s
  kill "$1" 2>/dev/null || return 0
  for _ in $(seq 1 80); do
    kill -0 "$1" 2>/dev/null || return 0
    sleep 0.25
  done
  fail "process $1 does not stop."
}

# shellcheck source=bin/lib/packages.sh
. "$root/bin/lib/packages.sh"
# shellcheck source=bin/lib/database.sh
. "$root/bin/lib/database.sh"
