#!/usr/bin/env bash
# The packaged application, unpacked so that it starts in a third of the time. Sourced by ./run, or called by the tests in a browser:
#   scripts/application.sh    unpacks and prepares what Maven has packaged, on a database of its own

# Ahead-of-time class data is made by a start that ends when all is there; it is made once for each build.
prepare_start() { # folder, jar in it, log, class data, command to run it with; needs RECKONROD_DATABASE_*
  [ ! "$4" -nt "$1/ready" ] || return 0
  RECKONROD_PORT=0 RECKONROD_LOG='' "${@:5}" java -XX:ArchiveClassesAtExit="$4" -XX:TieredStopAtLevel=1 \
    -Dspring.aot.enabled=true -Dspring.context.exit=onRefresh -jar "$1/$2" >"$3" 2>&1 9>&- || rm -f "$4"
}

unpack() { # jar, folder, log
  rm -rf "$2"
  java -Djarmode=tools -jar "$1" extract --destination "$2" >>"$3" 2>&1 9>&- && touch "$2/ready"
}

if [ "${BASH_SOURCE[0]}" = "$0" ]; then
  set -eu
  cd "$(dirname "$0")/.."
  . scripts/cluster.sh
  jar=$(ls server/target/reckonrod-server-*.jar)
  app=server/target/app
  log=server/target/unpacked.log
  [ ! "$app/ready" -nt "$jar" ] || [ ! -f "$app/classes.jsa" ] || exit 0
  folder=$(mktemp -d /tmp/reckonrod-unpack.XXXXXX)
  chmod 755 "$folder"
  trap 'stop_cluster "$folder"; rm -rf "$folder"' EXIT
  unpack "$jar" "$app" "$log" || fail "The application could not be unpacked; $log says why."
  start_cluster "$folder" 5770
  RECKONROD_DATA=$folder/data prepare_start "$(realpath "$app")" "$(basename "$jar")" "$log" "$app/classes.jsa" env
fi
