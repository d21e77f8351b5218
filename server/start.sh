#!/usr/bin/env bash
# Starts Zumbido. Lies in a package as `zumbido`, beside its own Java (runtime) and the program (app); ./zumbido calls it
# with the Java and the program that it has built.
set -euo pipefail

here=$(cd "$(dirname "$(readlink -f "${BASH_SOURCE[0]}")")" && pwd)
app=${ZUMBIDO_APP:-$here/app}
java=${ZUMBIDO_JAVA:-$here/runtime/bin/java}

usage() {
  cat <<'TEXT'
zumbido [start] [--port N] [--data DIR] [--memory MB] [--no-page]   start, and open the page
zumbido demo    [--port N] [--data DIR] [--memory MB] [--no-page]   the same with invented brands
zumbido backup FILE  [--data DIR]    copy everything into one file, also while Zumbido runs
zumbido restore FILE [--data DIR]    put a copy back, while it does not run

For a team: --public-address https://NAME, and --listen ADDRESS where what asks for names stands on another machine.
The page is at http://localhost:8484 unless --port says otherwise. Everything is kept in the user's own place
(~/.local/share/zumbido, on macOS ~/Library/Application Support/Zumbido) unless --data names another folder.
TEXT
}

fail() {
  echo "zumbido: $*" >&2
  exit 1
}

absolute() {
  case "$1" in
    /*) echo "$1" ;;
    *) echo "${ZUMBIDO_FROM:-$PWD}/$1" ;;
  esac
}

# A quarter of what the machine has, at least what ten people need and at most what Zumbido makes use of; MB.
heap() {
  local total=4096
  if [ -r /proc/meminfo ]; then
    total=$(($(sed -n 's/^MemTotal: *\([0-9]*\) kB/\1/p' /proc/meminfo) / 1024))
  elif command -v sysctl >/dev/null 2>&1; then
    total=$(($(sysctl -n hw.memsize 2>/dev/null || echo 4294967296) / 1048576))
  fi
  local quarter=$((total / 4))
  echo $((quarter < 512 ? 512 : quarter > 2048 ? 2048 : quarter))
}

# Opens the page as soon as it is there, where there is somebody to look at it.
announce() {
  local line
  while IFS= read -r line; do
    printf '%s\n' "$line"
    case "$line" in
      'Zumbido is ready at '*)
        [ "$page" = yes ] && show "${line#Zumbido is ready at }"
        ;;
    esac
  done
}

show() {
  if [ -n "${DISPLAY:-}${WAYLAND_DISPLAY:-}" ] && command -v xdg-open >/dev/null 2>&1; then
    xdg-open "$1" >/dev/null 2>&1 || true
  elif [ "$(uname)" = Darwin ]; then
    open "$1" || true
  fi
}

command=start
case "${1:-}" in
  start | demo) command=$1; shift ;;
  backup | restore)
    command=$1
    file=$(absolute "${2:?name the file}")
    shift 2
    ;;
  --help) usage; exit ;;
esac

options=()
port=8484 data='' memory=$(heap) page=yes
while [ $# -gt 0 ]; do
  case "$1" in
    --port) port=${2:?--port needs a number}; shift 2 ;;
    --data) data=$(absolute "${2:?--data needs a folder}"); shift 2 ;;
    --memory) memory=${2:?--memory needs megabytes}; shift 2 ;;
    --no-page) page=no; shift ;;
    --public-address) options+=(--zumbido.public-address="${2:?--public-address needs an address}"); shift 2 ;;
    --listen) options+=(--server.address="${2:?--listen needs an address}"); shift 2 ;;
    *) usage >&2; fail "unknown option $1" ;;
  esac
done

whole() {
  [[ $2 =~ ^[0-9]+$ ]] || fail "$1 needs a whole number, not '$2'"
}
whole --port "$port"
whole --memory "$memory"
[ "$port" -le 65535 ] || fail "--port $port is too large; ports end at 65535"
[ "$memory" -ge 256 ] || fail "--memory $memory is too little; ten people need 512"

[ -x "$(command -v "$java")" ] || fail "there is no Java at $java"
[ -f "$app/zumbido.jar" ] || fail "the program is missing at $app"
# The archive of classes holds wherever the package lies, as long as it is named from here.
cd "$app"
quiet=(-Xlog:cds=off -Xlog:cds+dynamic=off -XX:+UseSerialGC -Djava.awt.headless=true)
[ -f zumbido.jsa ] && quiet+=(-XX:SharedArchiveFile=zumbido.jsa -Xshare:auto)
options+=(--zumbido.data="$data")

case "$command" in
  backup | restore) exec "$java" "${quiet[@]}" -jar zumbido.jar "$command" "$file" "${options[@]}" ;;
  demo) options+=(--zumbido.demo=true) ;;
esac
exec "$java" "-Xmx${memory}m" "${quiet[@]}" -jar zumbido.jar --server.port="$port" "${options[@]}" > >(announce)
