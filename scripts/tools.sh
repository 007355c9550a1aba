# Shared by run and test: what they need on the machine.

# need COMMAND PACKAGE: goes on when the command is there; installs Debian's package when it may, or says what to install.
need() {
  command -v "$1" > /dev/null && return
  if [ "$(id -u)" = 0 ] && command -v apt-get > /dev/null; then
    echo "Installing $2, which is missing."
    apt-get update -qq > /dev/null
    DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$2" > /dev/null
    return
  fi
  echo "Fair Ember needs '$1'. Install the package $2 (Debian: sudo apt install $2), then start again." >&2
  exit 1
}

# at_least COMMAND NUMBER VERSION: goes on when the first number of its version is high enough, or says what to install.
at_least() {
  local found
  found=$(echo "$3" | grep -oE '[0-9]+' | head -n 1)
  [ "${found:-0}" -ge "$2" ] && return
  echo "Fair Ember needs $1 $2 or later; found ${3:-none}. Install a newer one, then start again." >&2
  exit 1
}

# Names of folders may have any letters: sets a locale that knows them all where the machine's does not.
speak_utf8() {
  [ "$(locale charmap 2> /dev/null)" = UTF-8 ] || export LC_ALL=C.UTF-8
}

# start_java DATA ARGUMENT...: becomes Java. What is only needed while it runs goes to the studio's folder, where the next start
# clears what a killed one left; Java takes that from nobody but who starts it.
start_java() {
  local data="$1"
  shift
  exec java -Djava.io.tmpdir="$data/tmp/$$" "$@"
}

# One hash over everything that is built from.
sources_hash() {
  find pom.xml .mvn core/pom.xml core/src/main ui/pom.xml ui/package-lock.json ui/index.html ui/vite.config.ts \
    ui/tsconfig.json ui/scripts ui/src ui/public app/pom.xml app/src/main -type f ! -name schema.d.ts -print0 |
    sort -z | xargs -0 sha256sum | sha256sum | cut -d' ' -f1
}
