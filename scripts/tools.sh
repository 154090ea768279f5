# Finds the tools the build needs and installs what is missing, as far as it may.
# Sourced by ./zesty.

say() { printf 'zesty: %s\n' "$*" >&2; }
die() {
  say "$*"
  exit 1
}
is_root() { [ "$(id -u)" = 0 ]; }
have() { command -v "$1" >/dev/null 2>&1; }

APT_UPDATED=
# install_packages WHAT-FOR PACKAGE...: from Debian, or says what to install when not root.
install_packages() {
  local purpose=$1; shift
  is_root || die "$purpose is missing. Install it with:  sudo apt-get install $*"
  have apt-get || die "$purpose is missing, and this is no Debian machine. Install: $*"
  say "installing $purpose ..."
  if [ -z "$APT_UPDATED" ]; then
    apt-get update -qq >/dev/null
    APT_UPDATED=yes
  fi
  DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$@" >/dev/null ||
    die "$purpose could not be installed"
}

NODE_MAJOR=22
NODE_MINOR=12

node_is_new_enough() {
  local version major minor
  version=$(node --version 2>/dev/null) || return 1
  version=${version#v}
  major=${version%%.*}
  minor=${version#*.}
  minor=${minor%%.*}
  [ "$major" -gt $NODE_MAJOR ] || { [ "$major" = $NODE_MAJOR ] && [ "$minor" -ge $NODE_MINOR ]; }
}

# Vite wants a newer Node than Debian's; npm has it as a package, and npm itself.
need_node() {
  local tools=$ROOT/.tools/node arch
  [ -d "$tools/bin" ] && export PATH=$tools/bin:$PATH
  node_is_new_enough && have npm && return
  have npm || install_packages "Node.js and npm" nodejs npm
  case $(uname -m) in
    x86_64) arch=x64 ;;
    aarch64) arch=arm64 ;;
    *) die "no Node $NODE_MAJOR package for $(uname -m); install Node $NODE_MAJOR.$NODE_MINOR or newer" ;;
  esac
  say "fetching Node $NODE_MAJOR ..."
  mkdir -p "$tools"
  npm install --silent --no-audit --no-fund --prefix "$tools" "node-linux-$arch@$NODE_MAJOR" npm@11 >/dev/null
  mkdir -p "$tools/bin"
  ln -sf "../node_modules/node-linux-$arch/bin/node" "$tools/bin/node"
  ln -sf ../node_modules/npm/bin/npm-cli.js "$tools/bin/npm"
  ln -sf ../node_modules/npm/bin/npx-cli.js "$tools/bin/npx"
  export PATH=$tools/bin:$PATH
  node_is_new_enough || die "Node $NODE_MAJOR.$NODE_MINOR or newer is needed; found $(node --version)"
}

jdk_is_17() { have javac && javac -version 2>&1 | grep -qE 'javac (1[7-9]|[2-9][0-9])'; }

need_build_tools() {
  jdk_is_17 || install_packages "a JDK" default-jdk-headless
  have mvn || install_packages "Maven" maven
  have curl || install_packages "curl" curl ca-certificates
  need_node
  # A changed lock file means other packages: let the build install them anew.
  if [ web/package-lock.json -nt web/node_modules/.package-lock.json ]; then
    rm -f web/node_modules/.package-lock.json
  fi
}

need_browser() {
  have chromium || install_packages "Chromium" chromium
  have chromedriver || install_packages "ChromeDriver" chromium-driver
  # A reader of ABC that is not ours.
  have abc2midi || install_packages "abcmidi" abcmidi
}

# A build is over in some minutes: no time is spent on compiling the compiler.
maven() { MAVEN_OPTS="-XX:TieredStopAtLevel=1 ${MAVEN_OPTS:-}" mvn -B -ntp -Dstyle.color=never "$@"; }

port_is_free() { ! (exec 3<>"/dev/tcp/$2/$1") 2>/dev/null; }

# free_port N ADDRESS: the first port from N on that nobody listens on.
free_port() {
  local port=$1 address=$2
  [ "$address" = 0.0.0.0 ] && address=127.0.0.1
  while ! port_is_free "$port" "$address"; do port=$((port + 1)); done
  [ "$port" = "$1" ] || say "port $1 is taken; using $port"
  echo "$port"
}
