# Shared by ./start and ./check: installing and building only when something has changed.
export NEXT_TELEMETRY_DISABLED=1
STAMPS=.stamps
mkdir -p "$STAMPS"

die() { printf '%s\n' "$*" >&2; exit 1; }

need_node() {
  command -v node >/dev/null || die 'Agrologos needs Node.js 20.9 or newer (https://nodejs.org).'
  node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 20 || (a === 20 && b >= 9) ? 0 : 1)' ||
    die "Agrologos needs Node.js 20.9 or newer; this is $(node --version)."
}

# The same packages as the lock, for this Node.
install_packages() {
  local stamp
  stamp=$(cat package.json package-lock.json .npmrc <(node --version) | sha256sum)
  if [ ! -d node_modules ] || [ "$(cat "$STAMPS/install" 2>/dev/null)" != "$stamp" ]; then
    echo 'Installing packages …'
    npm ci --no-progress --loglevel=error
    printf '%s' "$stamp" >"$STAMPS/install"
  fi
}

# A hash of what the build is made from decides whether to build.
build_app() {
  local stamp
  stamp=$(find app core demo files store ui words workers public/icons proxy.ts scripts/write-csp-hashes.ts scripts/write-service-worker.ts next.config.ts \
    postcss.config.mjs tsconfig.json package-lock.json -type f | LC_ALL=C sort |
    xargs -d '\n' sha256sum | sha256sum)
  if [ ! -f .next/csp.json ] || [ "$(cat "$STAMPS/build" 2>/dev/null)" != "$stamp" ]; then
    echo 'Building …'
    rm -f "$STAMPS/build"
    npm run --silent build
    printf '%s' "$stamp" >"$STAMPS/build"
  fi
}
