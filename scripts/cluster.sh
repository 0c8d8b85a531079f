#!/usr/bin/env bash
# A PostgreSQL cluster of our own, on loopback, never the system's. Sourced by ./run and ./test, or called:
#   scripts/cluster.sh start FOLDER    prints the settings the server needs
#   scripts/cluster.sh stop FOLDER
# PostgreSQL does not run as root: root hands the cluster to the user postgres.

say() { printf '%s\n' "$*" >&2; }
fail() { say "$*"; exit 1; }

as_root() { if [ "$(id -u)" = 0 ]; then "$@"; else sudo "$@"; fi; }

as_owner() {
  if [ "$(id -u)" = 0 ]; then (cd / && runuser -u postgres -- "$@"); else "$@"; fi
}

need_packages() { # package:command …
  local missing=() pair
  for pair in "$@"; do
    command -v "${pair#*:}" >/dev/null 2>&1 || [ -x "${pair#*:}" ] || missing+=("${pair%%:*}")
  done
  [ ${#missing[@]} -eq 0 ] && return
  say "Installing from Debian: ${missing[*]}"
  as_root apt-get update -qq >&2 || fail "apt-get update failed; install ${missing[*]} by hand and start again."
  # The package would otherwise start a system cluster that nobody asked for.
  if [ ! -e /etc/postgresql-common/createcluster.conf ]; then
    as_root mkdir -p /etc/postgresql-common
    echo "create_main_cluster = false" | as_root tee /etc/postgresql-common/createcluster.conf >/dev/null
  fi
  as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "${missing[@]}" >&2 ||
    fail "apt-get could not install ${missing[*]}; install them by hand and start again."
}

postgres_bin() { ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -n 1; }

need_postgres() {
  [ -n "$(postgres_bin)" ] && [ -x "$(postgres_bin)/initdb" ] || need_packages "postgresql:/nonexistent/initdb"
}

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

free_port() { # first
  local port=$1
  while port_taken "$port"; do port=$((port + 1)); done
  echo "$port"
}

# Where the cluster lies: in the folder, unless the user postgres cannot get there.
cluster_home() { # folder
  local folder=$1 home
  mkdir -p "$folder"
  folder=$(cd "$folder" && pwd -P)
  if [ "$(id -u)" = 0 ] && ! runuser -u postgres -- test -x "$folder"; then
    home=/var/lib/reckonrod/$(printf '%s' "$folder" | cksum | cut -d' ' -f1)
    mkdir -p "$home"
    chmod 711 /var/lib/reckonrod "$home"
    echo "$home"
  else
    echo "$folder"
  fi
}

cluster_running() { # home
  local pid state
  as_owner "$(postgres_bin)/pg_ctl" status -D "$1/cluster" >/dev/null 2>&1 || return 1
  # A server that was killed and that nobody has buried yet still counts as a process, but serves nobody.
  pid=$(head -n 1 "$1/cluster/postmaster.pid")
  state=$(sed -E 's/.*\) (.).*/\1/' "/proc/$pid/stat" 2>/dev/null)
  if [ "$state" = Z ]; then
    rm -f "$1/cluster/postmaster.pid"
    return 1
  fi
}

make_cluster() { # home
  local home=$1 bin
  bin=$(postgres_bin)
  if [ -e "$home/cluster.making" ]; then
    say "Clearing away a database that was only half made."
    rm -rf "$home/cluster.making"
  fi
  head -c 24 /dev/urandom | base64 | tr -d '/+=\n' >"$home/database-password"
  chmod 600 "$home/database-password"
  mkdir "$home/cluster.making"
  if [ "$(id -u)" = 0 ]; then chown postgres "$home/cluster.making" "$home/database-password"; fi
  as_owner "$bin/initdb" -D "$home/cluster.making" -U reckonrod -E UTF8 --locale=C.UTF-8 \
    --auth=scram-sha-256 --pwfile="$home/database-password" >"$home/initdb.log" 2>&1 ||
    fail "The database could not be made; $home/initdb.log says why."
  mv "$home/cluster.making" "$home/cluster"
}

# Says where it will be found: sets RECKONROD_DATABASE_*. It is served only by serve_cluster, so that who needs it may get
# ready meanwhile.
name_cluster() { # folder [first port]
  local home port first=${2:-5544}
  need_postgres
  home=$(cluster_home "$1")
  if [ -d "$home/cluster" ] && { [ ! -s "$home/cluster/PG_VERSION" ] || [ ! -s "$home/database-password" ]; }; then
    fail "The database in $home is damaged. Start with ./run --fresh to begin anew, or restore $home/cluster."
  fi
  [ -d "$home/cluster" ] || make_cluster "$home"
  if cluster_running "$home"; then
    port=$(sed -n 4p "$home/cluster/postmaster.pid")
  else
    port=$(free_port "$first")
  fi
  RECKONROD_DATABASE_PASSWORD=$(cat "$home/database-password")
  RECKONROD_DATABASE_USER=reckonrod
  RECKONROD_DATABASE_URL=jdbc:postgresql://127.0.0.1:$port/reckonrod
  export RECKONROD_DATABASE_PASSWORD RECKONROD_DATABASE_USER RECKONROD_DATABASE_URL
}

serve_cluster() { # folder, named before
  local home bin port
  bin=$(postgres_bin)
  home=$(cluster_home "$1")
  port=$(sed -E 's/.*:([0-9]+)\/.*/\1/' <<<"$RECKONROD_DATABASE_URL")
  cluster_running "$home" || as_owner "$bin/pg_ctl" start -w -t 3600 -D "$home/cluster" -l "$home/cluster/server.log" -o \
    "-c listen_addresses=127.0.0.1 -c port=$port -c unix_socket_directories='' -c max_connections=60" >/dev/null 2>&1 ||
    fail "The database did not start; $home/cluster/server.log says why."
  sql() { PGPASSWORD=$RECKONROD_DATABASE_PASSWORD "$bin/psql" -qtAX -h 127.0.0.1 -p "$port" -U reckonrod -d postgres -c "$1"; }
  [ "$(sql "select 1 from pg_database where datname = 'reckonrod'")" = 1 ] || sql "create database reckonrod" ||
    fail "The database in $home does not let us in. Start with ./run --fresh to begin anew."
}

start_cluster() { # folder [first port]; sets RECKONROD_DATABASE_*
  name_cluster "$@"
  serve_cluster "$1"
}

stop_cluster() { # folder
  local home
  home=$(cluster_home "$1")
  if cluster_running "$home"; then
    as_owner "$(postgres_bin)/pg_ctl" stop -m fast -w -D "$home/cluster" >/dev/null 2>&1
  fi
}

if [ "${BASH_SOURCE[0]}" = "$0" ]; then
  set -u
  case "${1:-}" in
    start)
      start_cluster "$2" "${3:-5544}"
      printf '%s\n%s\n%s\n' "$RECKONROD_DATABASE_URL" "$RECKONROD_DATABASE_USER" "$RECKONROD_DATABASE_PASSWORD"
      ;;
    stop) stop_cluster "$2" ;;
    *) fail "usage: scripts/cluster.sh start|stop FOLDER" ;;
  esac
fi
