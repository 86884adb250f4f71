# What ./run and ./check need of the machine: install what may be installed, else name it and how to get it.
# Sourced, not run.

say() { printf '%s\n' "$*" >&2; }

may_install() { [ "$(id -u)" = 0 ] && command -v apt-get >/dev/null 2>&1; }

install_or_name() { # command, Debian package, what it is for
  command -v "$1" >/dev/null 2>&1 && return 0
  if may_install; then
    say "Installing $2: $3."
    apt-get update -qq >/dev/null && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq "$2" >/dev/null
  fi
  command -v "$1" >/dev/null 2>&1 && return 0
  say "Missing: $1, $3. On Debian: apt-get install $2 (as root)."
  return 1
}

need_java() {
  install_or_name javac openjdk-17-jdk-headless 'Java 17, which the server runs on' || return 1
  local version
  version=$(javac -version 2>&1 | sed 's/[^0-9]*\([0-9]*\).*/\1/')
  [ "$version" -ge 17 ] && return 0
  say "Java $version is too old: 17 or newer is right. On Debian: apt-get install openjdk-17-jdk-headless (as root)."
  return 1
}

need_node() {
  command -v node >/dev/null 2>&1 && command -v npm >/dev/null 2>&1 || {
    say 'Missing: Node.js with npm, which builds the screens: 20.19 or newer of the 20 line, or 22.12 and newer.'
    return 1
  }
  node -e '
    const [major, minor] = process.versions.node.split(".").map(Number);
    process.exit(major > 22 || (major === 22 && minor >= 12) || (major === 20 && minor >= 19) ? 0 : 1)' && return 0
  say "Node.js $(node --version) is too old for the screens: 20.19 or newer of the 20 line, or 22.12 and newer, is right."
  return 1
}

need_maven() { install_or_name mvn maven 'Maven, which drives the build'; }

need_chromium() {
  [ -x /usr/bin/chromium ] && return 0
  install_or_name chromium chromium 'the browser that the browser tests drive'
}
