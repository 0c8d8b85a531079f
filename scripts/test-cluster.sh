#!/usr/bin/env bash
# Tests of the database that ./run and ./test start: made once, kept, repaired, explained.
set -u
cd "$(dirname "$0")/.." || exit 1
. scripts/cluster.sh
passed=0
failed=0
folder=$(mktemp -d /tmp/reckonrod-cluster-test.XXXXXX)
chmod 755 "$folder"
trap 'stop_cluster "$folder"; rm -rf "$folder"' EXIT

check() { # what, command …
  local what=$1
  shift
  if "$@"; then passed=$((passed + 1)); else failed=$((failed + 1)); say "FAILED: $what"; fi
}
ask() { PGPASSWORD=$RECKONROD_DATABASE_PASSWORD "$(postgres_bin)/psql" -qtAX -h 127.0.0.1 -p "$(sed -E 's/.*:([0-9]+)\/.*/\1/' <<<"$RECKONROD_DATABASE_URL")" -U reckonrod -d reckonrod -c "$1" 2>&1; }
says() { [[ $1 == *"$2"* ]] || { say "  was: $1"; return 1; }; }

mkdir -p "$folder/cluster.making/base"
start_cluster "$folder" 5760 2>"$folder/said"
check "a half-made database is cleared away and said" says "$(cat "$folder/said")" "only half made"
check "no half-made folder is left" test ! -e "$folder/cluster.making"
check "it listens on loopback only" says "$(ask "show listen_addresses")" "127.0.0.1"
check "it wants its password" says "$(RECKONROD_DATABASE_PASSWORD=wrong ask "select 1")" "password authentication failed"
check "its password is for its owner's eyes only" test "$(stat -c %a "$folder/database-password")" = 600

ask "create table kept (id int); insert into kept values (7)" >/dev/null
first=$RECKONROD_DATABASE_URL
start_cluster "$folder" 5760
check "starting it twice finds the one that runs" test "$RECKONROD_DATABASE_URL" = "$first"
kill -9 "$(head -n 1 "$folder/cluster/postmaster.pid")"
sleep 1
start_cluster "$folder" 5760
check "what was kept is there after it was killed" says "$(ask "select id from kept")" "7"

stop_cluster "$folder"
: >"$folder/cluster/PG_VERSION"
check "a damaged database is explained, not overwritten" says "$( (start_cluster "$folder" 5760) 2>&1)" "damaged"
check "it is still there to be rescued" test -d "$folder/cluster/base"

echo "cluster: $passed passed, $failed failed"
[ "$failed" -eq 0 ]
