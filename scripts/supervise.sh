#!/usr/bin/env bash
# How ./run runs the server: as which user, in which folder, and how long it waits for it. Sourced by ./run and by its tests.

server_user=reckonrod

# Root never runs the server itself: whoever finds a way out of the program would own the machine. The user gets the serial ports'
# group, nothing else.
need_server_user() {
  [ "$(id -u)" = 0 ] || return 0
  id -u "$server_user" >/dev/null 2>&1 ||
    useradd --system --user-group --no-create-home --home-dir /nonexistent --shell /usr/sbin/nologin "$server_user" ||
    fail "The user $server_user, which the server runs as, cannot be created."
  getent group dialout >/dev/null 2>&1 && usermod -aG dialout "$server_user"
  return 0
}

# Replaces this shell, so that signals reach the program itself.
exec_as_server() {
  if [ "$(id -u)" = 0 ]; then
    cd /
    exec setpriv --reuid="$server_user" --regid="$server_user" --init-groups --no-new-privs --bounding-set=-all -- "$@"
  fi
  exec "$@"
}

as_server() { (exec_as_server "$@"); }

# The folder that the server owns. What it may write lies apart from what ./run writes: root must never write where another user
# could put a link. Earlier versions kept all of it in one folder.
server_files() { # data folder
  local home files old
  home=$(cluster_home "$1")
  files=$home/files
  if [ ! -d "$files" ]; then
    mkdir -p "$files.new"
    for old in archives cards elevation radios; do
      if [ -d "$1/$old" ] && [ ! -L "$1/$old" ]; then mv "$1/$old" "$files.new/"; fi
    done
    mv "$files.new" "$files"
  fi
  if [ "$(id -u)" = 0 ] && [ "$(stat -c %U "$files")" != "$server_user" ]; then
    chown -Rh "$server_user:$server_user" "$files"
    chmod 700 "$files"
  fi
  echo "$files"
}

# The application where the server can read it: a checkout in root's home is closed to others.
readable_app() { # application, data folder
  local home
  if as_server test -r "$1/ready"; then
    echo "$1"
    return
  fi
  home=$(cluster_home "$2")
  if [ ! "$home/app/ready" -nt "$1/ready" ]; then
    rm -rf "$home/app" "$home/app.new"
    cp -r "$1" "$home/app.new" && rm -f "$home/app.new/classes.jsa" && chmod -R a+rX "$home/app.new" &&
      mv "$home/app.new" "$home/app" && touch "$home/app/ready" || return 1
  fi
  echo "$home/app"
}

# A server may take long on a busy machine. It is given up only when it stands still: when within so many seconds it neither used
# the processor for a second nor wrote to its log.
still_seconds=${RECKONROD_STILL_SECONDS:-90}

used_ticks() { # process
  sed -E 's/.*\) //' "/proc/$1/stat" 2>/dev/null | awk '{print $12 + $13}'
}

watch_begin() { # process, log …
  watch_at=$SECONDS
  watch_ticks=$(used_ticks "$1")
  watch_written=$(stat -c %s "${@:2}" 2>/dev/null | tr '\n' ' ')
}

# Whether the process stands still since it was looked at last; looks anew whenever it moved.
stands_still() { # process, log …
  local ticks
  ticks=$(used_ticks "$1")
  if [ "$((${ticks:-0} - ${watch_ticks:-0}))" -ge "$(getconf CLK_TCK)" ] ||
    [ "$(stat -c %s "${@:2}" 2>/dev/null | tr '\n' ' ')" != "$watch_written" ]; then
    watch_begin "$@"
    return 1
  fi
  [ $((SECONDS - watch_at)) -ge "$still_seconds" ]
}

# Waits until the server answers; it may take as long as it gets on. Needs the function answers.
await_server() { # process, log …
  local told=$SECONDS
  watch_begin "$@"
  until answers; do
    kill -0 "$1" 2>/dev/null || return 1
    if stands_still "$@"; then return 1; fi
    if [ $((SECONDS - told)) -ge 60 ]; then
      say "Still starting; this machine is busy."
      told=$SECONDS
    fi
    sleep 0.1
  done
}
