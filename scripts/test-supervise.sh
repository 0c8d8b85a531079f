#!/usr/bin/env bash
# Tests of how ./run runs the server: as whom, where, and how long it waits for one that is slow and for one that stands still.
set -u
cd "$(dirname "$0")/.." || exit 1
RECKONROD_STILL_SECONDS=8
. scripts/cluster.sh
. scripts/supervise.sh
passed=0
failed=0
folder=$(mktemp -d /tmp/reckonrod-supervise-test.XXXXXX)
chmod 755 "$folder"
trap 'rm -rf "$folder"' EXIT

check() { # what, command …
  local what=$1
  shift
  if "$@"; then passed=$((passed + 1)); else failed=$((failed + 1)); say "FAILED: $what"; fi
}
fails() { ! "$@"; }
answers() { [ -e "$folder/answers" ]; }
log=$folder/log
wait_for() { # what the server does
  rm -f "$folder/answers"
  : >"$log"
  bash -c "$1" &
  await_server $! "$log"
  local result=$?
  kill $! 2>/dev/null
  wait $! 2>/dev/null
  return $result
}

# Twenty seconds are more than twice what is granted to one that stands still. A busy machine may give it an eighth of a processor.
check "a server that works is waited for" \
  wait_for "end=\$((SECONDS + 20)); while [ \$SECONDS -lt \$end ]; do :; done; touch $folder/answers; sleep 5"
check "a server that only writes to its log is waited for" \
  wait_for "for _ in \$(seq 20); do echo on >>$log; sleep 1; done; touch $folder/answers; sleep 5"
began=$SECONDS
check "a server that stands still is given up" fails wait_for "sleep 60"
check "and not before its time" test $((SECONDS - began)) -ge 8
began=$SECONDS
check "a server that ended is not waited for" fails wait_for "exit 1"
check "not for a moment" test $((SECONDS - began)) -lt 8

mkdir -p "$folder/data/archives" "$folder/elsewhere"
echo kept >"$folder/data/archives/before.zip"
ln -s "$folder/elsewhere" "$folder/data/cards"
need_server_user
files=$(server_files "$folder/data")
check "what earlier versions kept comes along" test "$(as_server cat "$files/archives/before.zip")" = kept
check "a link is not followed" test ! -e "$files/cards"
check "the server may write where its files are" as_server touch "$files/mine"
if [ "$(id -u)" = 0 ]; then
  check "the server is not root" test "$(as_server id -un)" = "$server_user"
  check "it has no capabilities" test "$(as_server grep -cE '^Cap(Eff|Prm|Bnd|Inh|Amb):\s*0+$' /proc/self/status)" = 5
  check "it cannot gain any" test "$(as_server awk '/NoNewPrivs/ {print $2}' /proc/self/status)" = 1
  check "it cannot write what ./run writes" fails as_server touch "$folder/data/server.pid"
  check "nobody else reads its files" test "$(stat -c %a "$files")" = 700
  mkdir -m 700 "$folder/closed"
  mkdir "$folder/closed/app"
  touch "$folder/closed/app/ready"
  check "the application is copied to where it can be read" as_server test -r "$(readable_app "$folder/closed/app" "$folder/data")/ready"
fi

echo "supervise: $passed passed, $failed failed"
[ "$failed" = 0 ]
