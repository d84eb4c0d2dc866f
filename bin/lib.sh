# Shared by the commands in this folder; sourced, never run.
root=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
state="${RIEGEL_STATE:-$root/.riegel}"

say() { printf '\033[2m·\033[0m %s\n' "$*" >&2; }
fail() { printf 'Riegel: %s\n' "$*" >&2; exit 1; }

# Node 20 (20.19 or later) or 22.12 and later.
need_node() {
  command -v node >/dev/null 2>&1 || fail "Node is missing. Install Node 20 (20.19 or later), then run this again."
  node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit((a === 20 && b >= 19) || (a === 22 && b >= 12) || a > 22 ? 0 : 1)' \
    || fail "Node $(node -v) is too old. Install Node 20 (20.19 or later), then run this again."
}

# need_packages PROGRAM=PACKAGE …: installs Debian packages whose program is missing (as root), else names them.
need_packages() {
  local missing=() pair
  for pair in "$@"; do command -v "${pair%%=*}" >/dev/null 2>&1 || missing+=("${pair#*=}"); done
  [ ${#missing[@]} -eq 0 ] && return 0
  local unique; unique=$(printf '%s\n' "${missing[@]}" | sort -u | tr '\n' ' ')
  if [ "$(id -u)" != 0 ] || ! command -v apt-get >/dev/null 2>&1; then
    fail "these Debian packages are missing: ${unique}— as an administrator run: apt-get install --no-install-recommends ${unique}"
  fi
  say "Installing Debian packages: $unique"
  apt-get update -qq >/dev/null || fail "apt-get update failed. Check the machine's package sources."
  # shellcheck disable=SC2086
  DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends $unique >/dev/null \
    || fail "the packages could not be installed: $unique"
}

need_database_packages() { need_packages mariadbd=mariadb-server mariadb-install-db=mariadb-server mariadb-admin=mariadb-client mariadb=mariadb-client; }
need_browser_packages() { need_packages chromium=chromium chromedriver=chromium-driver pdftotext=poppler-utils unzip=unzip; need_reader_of_drawings; }

# The tests hold drawings against another reader of them.
need_reader_of_drawings() {
  [ -x /usr/bin/python3 ] && /usr/bin/python3 -c 'import ezdxf' 2>/dev/null || need_packages ezdxf-for-python3=python3-ezdxf
}

# One set-up at a time in a checkout: bin/demo and bin/test may be started together.
locked() {
  mkdir -p "$state"
  exec 9>"$state/setup.lock"
  flock 9 || fail "another set-up holds $state/setup.lock."
  "$@"
  flock -u 9
  exec 9>&-
}

stamp_of() { cat "$@" 2>/dev/null | cksum; }

need_modules() {
  local now; now=$(stamp_of "$root/package-lock.json")
  if [ ! -d "$root/node_modules" ] || [ "$(cat "$root/node_modules/.riegel-lock" 2>/dev/null)" != "$now" ]; then
    say "Installing npm packages (npm ci)"
    (cd "$root" && npm ci --no-audit --no-fund --loglevel=error >/dev/null) || fail "npm ci failed. Check the network and that package-lock.json is unchanged."
    printf '%s\n' "$now" >"$root/node_modules/.riegel-lock"
  fi
}

# Everything a package's build reads, as one number.
sources_of() { (cd "$root" && find "$@" package-lock.json -type f -not -path '*/dist/*' -not -path '*/node_modules/*' -print0 | sort -z | xargs -0 cksum | cksum); }

# need_build NAME FOLDER…: builds package NAME unless it was built from the same sources.
need_build() {
  local name=$1; shift
  local now; now=$(sources_of "$@")
  if [ "$(cat "$root/$name/dist/.built" 2>/dev/null)" != "$now" ]; then
    say "Building $name"
    (cd "$root" && npm run -s build -w "@riegel/$name" >"$state/build-$name.log" 2>&1) || { cat "$state/build-$name.log" >&2; fail "$name could not be built."; }
    printf '%s\n' "$now" >"$root/$name/dist/.built"
  fi
}

need_all_built() {
  need_build core core
  need_build paper core paper
  need_build cli core paper cli
  need_build tape tape
  need_build server core paper server scripts/interface.mjs
  need_build web core paper web
}

# A port nobody listens on, at or after the one given.
free_port() {
  node -e '
    const { createServer } = require("node:net");
    const look = (port) => createServer().once("error", () => look(port + 1)).listen(port, "127.0.0.1", function () { this.close(() => console.log(port)); });
    look(Number(process.argv[1]));' "$1"
}

# start_database DIR [PORT]: prints the address; a port that another took meanwhile is exchanged for the next free one.
start_database() {
  local number=${2:-$(free_port 34310)} code=4
  for _ in 1 2 3; do
    code=0; "$root/bin/database" start "$1" "$number" || code=$?
    [ "$code" = 4 ] || break
    number=$(free_port "$((number + 1))")
  done
  return "$code"
}

# use_database PORT [new]: sets RIEGEL_DATABASE_URL to the database of the demo at PORT, started if it does not run.
started=
use_database() {
  [ -z "${RIEGEL_DATABASE_URL:-}" ] || { export RIEGEL_DATABASE_URL; return 0; }
  local name data=
  for name in demo plain; do [ -d "$state/$name-$1/data" ] && data="$state/$name-$1"; done
  [ -n "$data" ] || [ "${2:-}" = new ] || fail "there is no demo at port $1; set RIEGEL_DATABASE_URL for a database of yours."
  data=${data:-$state/demo-$1}
  local number; number=$(cat "$data/database-port" 2>/dev/null || true)
  "$root/bin/database" pid "$data" >/dev/null 2>&1 || started=$data
  trap leave_database EXIT
  RIEGEL_DATABASE_URL=$(start_database "$data" "$number") || fail "the private database did not start."
  export RIEGEL_DATABASE_URL
}
leave_database() { [ -z "$started" ] || "$root/bin/database" stop "$started" || true; }
