# What has to be on the machine: Debian's packages, a Node.js that is new enough, room on the disk. Sourced by bin/lib.sh.
# shellcheck shell=bash

java_is_good() { command -v javac >/dev/null && [ "$(javac -version 2>&1 | sed 's/[^0-9]*\([0-9]*\).*/\1/')" -ge 17 ]; }

# The Debian packages that are missing, one a line.
missing_packages() { # missing_packages start|tests
  java_is_good || echo default-jdk-headless
  command -v mvn >/dev/null || echo maven
  command -v node >/dev/null || echo nodejs
  command -v npm >/dev/null || echo npm
  newest_postgres_bin >/dev/null || echo postgresql
  command -v setsid >/dev/null || echo util-linux
  command -v curl >/dev/null || echo curl
  if [ "${1:-}" = tests ]; then
    [ -x /usr/bin/chromium-headless-shell ] || echo chromium-headless-shell
    command -v shellcheck >/dev/null || echo shellcheck
    command -v git >/dev/null || echo git
  fi
}

# Everything that the build needs; with `tests`, what the tests need too.
install_missing() { # install_missing start|tests
  local packages
  packages=$(missing_packages "${1:-}" | tr '\n' ' ')
  packages=${packages% }
  need_room_to_build "${1:-}" "$packages"
  [ -z "$packages" ] || install_packages "$packages"
  java_is_good || fail "a JDK of 17 or newer is needed; $(javac -version 2>&1 || echo none) comes first on the path. Put a newer one there and start again."
  use_node
}

install_packages() { # install_packages "ONE TWO …"
  local packages=$1 with=() by_hand="apt-get install --no-install-recommends $1"
  command -v apt-get >/dev/null || fail "these programs are missing: $packages. On a machine without apt-get, install them by hand and start again."
  if ! am_root; then
    command -v sudo >/dev/null || fail "these Debian packages are missing: $packages. As root: $by_hand. Then start again."
    sudo -n true 2>/dev/null || sudo -v ||
      fail "sudo was refused, so nothing was installed. Missing are: $packages. As root: $by_hand. Then start again."
    with=(sudo)
  fi
  say "installing from Debian's packages: $packages"
  case " $packages " in *" postgresql "*)
    say "(Debian may start a PostgreSQL of its own on port 5432. It is not used here, and you may switch it off.)"
    ;;
  esac
  "${with[@]}" apt-get update -qq -o APT::Update::Error-Mode=any </dev/null >/dev/null 2>&1 ||
    fail "Debian's package lists could not be fetched: is there a network? 'apt-get update' says more. Needed are: $packages"
  # shellcheck disable=SC2086  # one word a package
  "${with[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends $packages </dev/null >/dev/null 2>&1 ||
    fail "installing failed. '$by_hand' says why."
  hash -r
}

# --- Node.js ------------------------------------------------------------------------------------------

# What the build of the interface takes: 20.19 and later, 22.12 and later, not 21.
node_is_good() {
  command -v node >/dev/null && node -e '
    const [major, minor] = process.versions.node.split(".").map(Number);
    process.exit((major === 20 && minor >= 19) || (major === 22 && minor >= 12) || major > 22 ? 0 : 1);' 2>/dev/null
}

own_node_version=24.21.0

# Puts a Node.js that is new enough first on the path: the machine's, or one of our own under .tools.
use_node() {
  local tools=$root/.tools/node-$own_node_version kind
  node_is_good && return 0
  case $(uname -m) in
    x86_64) kind=x64 ;;
    aarch64) kind=arm64 ;;
    *) fail "Node.js 20.19 or newer is needed; $(node --version 2>/dev/null || echo none) is installed. Install a newer one and start again." ;;
  esac
  local bin=$tools/node_modules/node-linux-$kind/bin
  if ! "$bin/node" --version >/dev/null 2>&1; then
    say "fetching Node.js $own_node_version, since $(node --version 2>/dev/null || echo none) is too old to build the interface"
    rm -rf "$tools"
    mkdir -p "$tools"
    npm install --prefix "$tools" --no-save --ignore-scripts --no-audit --no-fund --loglevel=error \
      "node-linux-$kind@$own_node_version" </dev/null >/dev/null 2>"$tools/install.log" ||
      fail "Node.js could not be fetched: is there a network? $tools/install.log says more."
  fi
  export PATH=$bin:$PATH
  hash -r
  node_is_good || fail "the Node.js in $bin does not run here. Remove $tools, or install Node.js 20.19 or newer, and start again."
}

# --- room -----------------------------------------------------------------------------------------------

need_space() { # need_space DIR MEGABYTES
  local dir=$1 free
  while [ ! -d "$dir" ]; do dir=$(dirname "$dir"); done
  free=$(df -Pm "$dir" | awk 'NR==2{print $4}')
  [ "$free" -ge "$2" ] || fail "only $free MB are free in $dir, and $2 MB are needed. Make room and start again."
}

# Before anything is installed or built: is there room for all of it? What stands already is not counted again.
need_room_to_build() { # need_room_to_build start|tests "MISSING PACKAGES"
  local packages_mb=0 build_mb=0
  [ -z "$2" ] || packages_mb=1100
  if [ ! -f "$root/web/node_modules/.lock-stamp" ]; then build_mb=1200; else build_mb=300; fi
  if [ "$1" = tests ]; then
    case " $2 " in *" chromium-headless-shell "*) packages_mb=$((packages_mb + 600)) ;; esac
    build_mb=$((build_mb + 600))
  fi
  if [ "$(df -P / | awk 'NR==2{print $6}')" = "$(df -P "$root" | awk 'NR==2{print $6}')" ]; then
    need_space "$root" $((packages_mb + build_mb))
  else
    [ "$packages_mb" = 0 ] || need_space / "$packages_mb"
    need_space "$root" "$build_mb"
  fi
}

# Why a build failed, in a sentence, from its log.
why_build_failed() { # why_build_failed LOG
  if grep -qE 'No space left|ENOSPC' "$1"; then
    echo "the disk is full. Make room and start again."
  elif grep -qE 'UnknownHost|Unknown host|Could not transfer|ENOTFOUND|EAI_AGAIN|ECONNREFUSED|ETIMEDOUT|unreachable' "$1"; then
    echo "packages could not be fetched: is there a network? It is needed until everything has been built once."
  else
    grep -m1 -E 'ERROR' "$1" || tail -n 1 "$1"
  fi
}
