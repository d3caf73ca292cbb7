#!/usr/bin/env bash
# The project's private PostgreSQL cluster.
# Usage: scripts/pg.sh start | stop | running | pid | url | psql [args] | destroy
# Folder: $PG_HOME (default <project>/.data/pg). Loopback TCP only, scram passwords, never as root.
set -euo pipefail
ROOT="$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd -P)"
PG_HOME="${PG_HOME:-$ROOT/.data/pg}"
PG_DB=red_ladder
PG_SUPER=red_ladder
PG_BIN="${PG_BIN:-$(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -1)}"
fail() { echo "red-ladder: $*" >&2; exit 1; }
[ -x "$PG_BIN/postgres" ] || fail "PostgreSQL is not installed. Install it with: apt-get install -y --no-install-recommends postgresql"
CLUSTER="$PG_HOME/cluster"; PWFILE="$PG_HOME/password"; PORTFILE="$PG_HOME/port"; LOG="$PG_HOME/server.log"

# PostgreSQL refuses root, so root hands over to the user "postgres". A project below a 0700 folder
# (such as /root) cannot be entered by that user; reading and searching folders is then lent to it.
can_enter() { runuser -u postgres -- test -x "$PG_HOME"; }
LEND=(setpriv --reuid postgres --regid postgres --init-groups --inh-caps +dac_read_search --ambient-caps +dac_read_search --)
as_owner() (
  cd /
  if [ "$(id -u)" -ne 0 ]; then exec env LC_ALL=C.UTF-8 "$@"; fi
  if can_enter; then exec runuser -u postgres -- env -i PATH="$PATH" LC_ALL=C.UTF-8 HOME=/tmp "$@"; fi
  exec "${LEND[@]}" env -i PATH="$PATH" LC_ALL=C.UTF-8 HOME=/tmp "$@"
)
prepare_home() {
  mkdir -p "$PG_HOME"
  chmod 700 "$PG_HOME"
  if [ "$(id -u)" -eq 0 ]; then
    chown postgres: "$PG_HOME"
    can_enter || "${LEND[@]}" ls "$PG_HOME" >/dev/null 2>&1 ||
      fail "the user postgres cannot enter $PG_HOME. Set RED_LADDER_DATA to a folder that it can enter, for example below /var/tmp."
  fi
}
port() { cat "$PORTFILE"; }
url() { printf 'postgres://%s:%s@127.0.0.1:%s/%s' "$PG_SUPER" "$(cat "$PWFILE")" "$(port)" "${1:-$PG_DB}"; }
is_free() { node -e 'require("net").createServer().once("error",()=>process.exit(1)).listen(+process.argv[1],"127.0.0.1",()=>process.exit(0))' "$1"; }
free_port() { node -e 'const s=require("net").createServer().listen(0,"127.0.0.1",()=>{console.log(s.address().port);s.close()})'; }

init() {
  prepare_home
  if [ -d "$CLUSTER" ]; then
    [ -s "$CLUSTER/PG_VERSION" ] && [ -s "$CLUSTER/global/pg_control" ] && [ -s "$PWFILE" ] && return
    fail "the database folder $CLUSTER is incomplete, so it was left alone. If nothing in it matters, delete $PG_HOME and start again; otherwise restore it from a back-up."
  fi
  # An interrupted first start leaves only this draft folder, never a half-made cluster under the real name.
  [ -d "$CLUSTER.draft" ] && { echo "red-ladder: an unfinished database from an interrupted first start was removed" >&2; rm -rf "$CLUSTER.draft"; }
  (umask 077; od -An -N24 -tx1 /dev/urandom | tr -d ' \n' >"$PWFILE")
  [ "$(id -u)" -eq 0 ] && chown postgres: "$PWFILE"
  as_owner "$PG_BIN/initdb" -D "$CLUSTER.draft" -U "$PG_SUPER" --pwfile="$PWFILE" \
    --auth-host=scram-sha-256 --auth-local=scram-sha-256 \
    --encoding=UTF8 --locale=C.UTF-8 --data-checksums --no-instructions >"$PG_HOME/initdb.log" 2>&1 ||
    { cat "$PG_HOME/initdb.log" >&2; fail "the database could not be made in $PG_HOME (see the lines above)"; }
  as_owner tee -a "$CLUSTER.draft/postgresql.conf" >/dev/null <<CONF
listen_addresses = '127.0.0.1'
unix_socket_directories = ''
timezone = 'UTC'
log_timezone = 'UTC'
max_connections = 60
shared_buffers = 128MB
dynamic_shared_memory_type = posix
log_line_prefix = '%m [%p] %d '
CONF
  if [ "${PG_UNSAFE_FAST:-0}" = 1 ]; then # tests only
    printf 'fsync = off\nsynchronous_commit = off\nfull_page_writes = off\n' | as_owner tee -a "$CLUSTER.draft/postgresql.conf" >/dev/null
  fi
  mv "$CLUSTER.draft" "$CLUSTER"
}
running() { [ -s "$PORTFILE" ] && "$PG_BIN/pg_isready" -q -h 127.0.0.1 -p "$(port)" -t 2 && as_owner "$PG_BIN/pg_ctl" -D "$CLUSTER" status >/dev/null 2>&1; }
query() { PGPASSWORD="$(cat "$PWFILE")" "$PG_BIN/psql" -X -h 127.0.0.1 -p "$(port)" -U "$PG_SUPER" "$@"; }

start() {
  init
  if ! running; then
    # The same port as before where nobody has taken it: who was connected finds the database again.
    { [ -s "$PORTFILE" ] && is_free "$(port)"; } || free_port >"$PORTFILE"
    # What a killed server leaves behind (its helpers, its memory) is gone after a moment; a start right after it waits.
    local until=$((SECONDS + 20))
    until as_owner "$PG_BIN/pg_ctl" -D "$CLUSTER" -l "$LOG" -w -t 60 -o "-p $(port)" start >/dev/null 2>&1; do
      [ "$SECONDS" -lt "$until" ] || { tail -20 "$LOG" >&2; fail "the database did not start (its last lines are above; the whole log is $LOG)"; }
      sleep 0.5
    done
  fi
  "$PG_BIN/pg_isready" -q -h 127.0.0.1 -p "$(port)" -t 10
  query -d postgres -tAqc "select 1 from pg_database where datname='$PG_DB'" | grep -q 1 ||
    query -d postgres -qc "create database $PG_DB"
}
stop() { if running; then as_owner "$PG_BIN/pg_ctl" -D "$CLUSTER" -m fast -w -t 60 stop >/dev/null; fi; }

case "${1:-}" in
  start) start; url; echo ;;
  stop) stop ;;
  running) running ;;
  pid) head -1 "$CLUSTER/postmaster.pid" 2>/dev/null ;;
  url) url; echo ;;
  psql) shift; query -d "$PG_DB" "$@" ;;
  destroy) stop || true; rm -rf "$PG_HOME" ;;
  *) echo "usage: $0 start|stop|running|pid|url|psql|destroy" >&2; exit 2 ;;
esac
