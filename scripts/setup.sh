# Shared by bin/start and bin/test: the set-up of a fresh Debian machine. Sourced, not run.
say() { echo "red-ladder: $*"; }
fail() { echo "red-ladder: $*" >&2; exit 1; }

need_node() {
  command -v node >/dev/null || fail "Node.js is missing. Red Ladder needs Node 20 (20.19 or newer)."
  node -e 'const [a,b]=process.versions.node.split(".").map(Number);process.exit(a===20&&b>=19?0:1)' ||
    fail "Red Ladder needs Node 20 (20.19 or newer); this is Node $(node -p process.versions.node)."
}

# need_disk FOLDER MEGABYTES
need_disk() {
  local free
  free=$(df -Pm "$1" | awk 'NR==2 {print $4}')
  [ "$free" -ge "$2" ] || fail "the disk is too full: $1 has $free MB free and this step needs about $2 MB. Free some space and start again; nothing was changed."
}

# need_packages NAME...  (names: postgresql chromium)
need_packages() {
  local want=() name
  for name in "$@"; do
    case "$name" in
      postgresql) compgen -G '/usr/lib/postgresql/*/bin/postgres' >/dev/null || want+=(postgresql) ;;
      chromium) [ -x /usr/bin/chromium ] || want+=(chromium fonts-liberation) ;;
    esac
  done
  [ ${#want[@]} -eq 0 ] && return
  if [ "$(id -u)" -ne 0 ]; then
    fail "these Debian packages are missing: ${want[*]}. Ask someone who may install them to run:  sudo apt-get install -y --no-install-recommends ${want[*]}"
  fi
  say "installing Debian packages: ${want[*]}"
  # Without this Debian would make and start a cluster of its own beside the project's.
  mkdir -p /etc/postgresql-common
  grep -qs '^create_main_cluster' /etc/postgresql-common/createcluster.conf ||
    echo 'create_main_cluster = false' >>/etc/postgresql-common/createcluster.conf
  local try
  for try in 1 2 3; do apt-get update -qq && break || sleep 5; done
  for try in 1 2 3; do
    DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${want[@]}" >/dev/null && return
    sleep 5
  done
  fail "the Debian packages could not be installed: ${want[*]}. Check the network and the package sources, then start again."
}

checksum() { sha256sum | cut -c1-40; }

need_modules() {
  local stamp
  stamp=$(cat package-lock.json .npmrc | checksum)
  [ "$(cat node_modules/.red-ladder 2>/dev/null)" = "$stamp" ] && return
  need_disk . 1500
  say "installing packages (about a minute, once)"
  npm_config_loglevel=error npm ci --no-audit --no-fund --ignore-scripts || fail "the packages could not be installed (npm ci failed, see above)."
  echo "$stamp" >node_modules/.red-ladder
}

need_build() {
  local stamp
  stamp=$(find src demo package-lock.json next.config.ts tsconfig.json postcss.config.mjs -type f 2>/dev/null | LC_ALL=C sort | xargs -d '\n' sha256sum | checksum)
  [ -s .next/BUILD_ID ] && [ "$(cat .next/red-ladder.stamp 2>/dev/null)" = "$stamp" ] && return
  need_disk . 600
  say "building the application (about a minute, once per version)"
  rm -f .next/red-ladder.stamp
  npm run -s build || fail "the application could not be built (see above)."
  echo "$stamp" >.next/red-ladder.stamp
}
