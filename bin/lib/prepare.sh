# Installs what is missing and builds what is out of date. Sourced by bin/start and bin/test.
# shellcheck shell=bash

root=$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)
cd "$root" || exit 1
export COMPOSER_ALLOW_SUPERUSER=1 npm_config_loglevel=error npm_config_fund=false npm_config_audit=false

say() { printf '%s\n' "$*"; }
fail() { printf '%s\n' "$*" >&2; exit 1; }

install_packages() {
  local missing=() package
  for package in "$@"; do
    dpkg-query -W -f='${db:Status-Status}' "$package" 2>/dev/null | grep -qx installed || missing+=("$package")
  done
  [ ${#missing[@]} -eq 0 ] && return
  [ "$(id -u)" = 0 ] || fail "These Debian packages are missing, and only root can install them: ${missing[*]}"
  say "Installing ${missing[*]} …"
  export DEBIAN_FRONTEND=noninteractive
  # Debian would start the services at once, on their usual ports; the ones here are started apart.
  local policy=/usr/sbin/policy-rc.d made=
  if [ ! -e "$policy" ]; then printf '#!/bin/sh\nexit 101\n' >"$policy"; chmod +x "$policy"; made=1; fi
  { apt-get update -qq && apt-get install -y -qq --no-install-recommends "${missing[@]}"; } >"$root/var/log/apt.log" 2>&1 \
    || { [ -n "$made" ] && rm -f "$policy"; tail -5 "$root/var/log/apt.log" >&2; fail "Debian's packages could not be installed."; }
  [ -n "$made" ] && rm -f "$policy"
  return 0
}

# stamped NAME FILES… -- COMMAND…: runs the command when one of the files is not as it was when it last worked.
stamped() {
  local name=$1 stamp files=() sum
  shift
  while [ "$1" != -- ]; do files+=("$1"); shift; done
  shift
  stamp="$root/var/stamps/$name"
  sum=$(find "${files[@]}" -type f -print0 2>/dev/null | sort -z | xargs -0 sha256sum | sha256sum)
  [ -f "$stamp" ] && [ "$(cat "$stamp")" = "$sum" ] && return
  "$@" || return
  printf '%s' "$sum" >"$stamp"
}

php_packages() {
  [ -f vendor/autoload.php ] || rm -f var/stamps/composer
  stamped composer composer.json -- run_composer
}

run_composer() {
  say 'Installing PHP packages …'
  composer install --no-interaction --no-progress --quiet || fail 'The PHP packages could not be installed.'
  # Some archives bring folders that only their owner may enter.
  chmod -R a+rX vendor
}

# Vite 8 needs Node.js 20.19; where Debian's is older, the npm registry's own copy of it is used.
modern_node() {
  if ! node -e 'const [a, b] = process.versions.node.split("."); process.exit(a > 20 || (a == 20 && b >= 19) ? 0 : 1)' 2>/dev/null; then
    [ -x var/node/node_modules/node/bin/node ] || { say 'Fetching a newer Node.js …'; npm install --silent --prefix var/node node@22 >/dev/null || fail 'No Node.js of at least 20.19 could be installed.'; }
    export PATH="$root/var/node/node_modules/node/bin:$PATH"
  fi
}

npm_packages() {
  [ -d node_modules ] || rm -f var/stamps/npm
  stamped npm package-lock.json -- run_npm
}

run_npm() {
  say 'Installing npm packages …'
  # Not `npm ci`: it insists on the optional packages of other systems, which a lock file made here does not list.
  npm install --no-save --silent || fail 'The npm packages could not be installed.'
}

build_assets() {
  [ -f public/build/.vite/manifest.json ] || rm -f var/stamps/assets
  stamped assets assets templates vite.config.ts package-lock.json tsconfig.json -- run_build
}

run_build() {
  say 'Building scripts and styles …'
  npx vite build --logLevel error || fail 'Scripts and styles could not be built.'
}

prepare() {
  mkdir -p var/stamps var/log
  # Two of these commands at once wait for each other here, and only here.
  exec 9>var/prepare.lock
  flock 9
  install_packages git unzip curl nginx-light libnginx-mod-nchan mariadb-server php8.2-fpm php8.2-cli php8.2-mysql php8.2-zip php8.2-mbstring php8.2-xml php8.2-intl php8.2-curl php8.2-gmp php8.2-apcu composer php-symfony-password-hasher php-symfony-rate-limiter "$@"
  command -v node >/dev/null || install_packages nodejs npm
  php_packages
  modern_node
  npm_packages
  build_assets
  flock -u 9
}
