# Backup and restore of a keeper's own data, or of the demo's. Sourced by ./pelluna.

# What options both take: --force, --demo, and one file.
backup_options() {
  force=0 database=pelluna file='' kept=''
  while [ $# -gt 0 ]; do
    case $1 in
      --force) force=1; shift ;;
      --demo) database=pelluna_demo; shift ;;
      --kept) kept=${2:-}; shift 2 || usage "--kept needs the name of a database that was kept" ;;
      -*) usage "no such option: $1" ;;
      *) [ -z "$file" ] || usage "one file, please"; [ -n "$1" ] || usage "the file has no name"; file=$1; shift ;;
    esac
  done
}

whose() { if [ "$database" = pelluna ]; then echo "your own data"; else echo "the demo's data"; fi; }

covers() { echo "every tank with its plan, fish, log, tests, probe readings, losses, pictures, and your own words on fish"; }

with_cluster() {
  cluster_was_up=1
  if ! cluster_runs "$home"; then start_cluster "$home"; cluster_was_up=0; fi
}

leave_cluster() { [ "$cluster_was_up" = 1 ] || stop_cluster "$home"; }

tool() { local name=$1; shift; PGPASSWORD=$(cat "$home/password") "$pg/$name" "$@"; }

at_cluster() { echo -h 127.0.0.1 -p "$(cat "$home/port")" -U pelluna; }

# A dump of Pelluna: readable to its end, with the tables of keepers and of what was migrated.
good_dump() {
  local list
  list=$("$pg/pg_restore" --list "$1" 2>/dev/null) || return 1
  grep -q 'TABLE DATA public keeper ' <<<"$list" && grep -q 'TABLE DATA public flyway_schema_history ' <<<"$list" \
    && "$pg/pg_restore" -f /dev/null "$1" 2>/dev/null
}

backup() {
  backup_options "$@"
  [ -n "$file" ] || usage "backup needs a file to write"
  [ ! -d "$file" ] || die "$file is a folder; give a file."
  [ -d "$(dirname "$file")" ] || die "There is no folder $(dirname "$file")."
  [ ! -e "$file" ] || [ "$force" = 1 ] || die "$file is there already, and stays as it is. To write over it: ./pelluna backup --force $file"
  need_tools java postgres
  data_folder
  [ -d "$home/db" ] || die "There are no data in $home yet; ./pelluna serve starts them."
  with_cluster
  if ! has_database "$home" "$database"; then leave_cluster; die "There are none of $(whose) yet; nothing was written."; fi
  local part="$file.part" code=0
  (umask 077; rm -f "$part"; tool pg_dump $(at_cluster) -Fc -f "$part" "$database") || code=$?
  leave_cluster
  if [ "$code" != 0 ] || ! good_dump "$part"; then rm -f "$part"; die "The backup failed; nothing was written."; fi
  chmod 600 "$part"
  mv -f "$part" "$file"
  say "$file holds $(whose): $(covers). Only you can read it. Not in it: the program, and passwords of the database."
}

# The newest migration that this Pelluna knows.
known_schema() {
  if packed; then cat "$here/lib/schema"; return; fi
  { ls "$here/app/src/main/resources/db/migration" | sed -n 's/^V\([0-9]*\)__.*/\1/p'
    find "$here/app/src/main/java" -name 'V[0-9]*__*.java' -printf '%f\n' | sed 's/^V\([0-9]*\)__.*/\1/'; } | sort -n | tail -n 1
}

# The newest migration in a database; 0 for one that has none.
schema_of() { # database
  tool psql $(at_cluster) -d "$1" -qtA -c "select case when to_regclass('flyway_schema_history') is null then 0 else
    (xpath('/row/v/text()', query_to_xml('select coalesce(max(version::int), 0) v from flyway_schema_history where success', true, true, '')))[1]::text::int end"
}

# An older Pelluna would write rows that a newer one does not understand.
not_newer() { # database
  [ "$(schema_of "$1")" -le "$(known_schema)" ] \
    || die "The data in $home are of a newer Pelluna. Start that one, or restore a backup that this one wrote; nothing was changed."
}

rename_database() { ask_cluster "$home" "alter database \"$1\" rename to \"$2\"" >/dev/null; }

restore() {
  backup_options "$@"
  [ -n "$file" ] || [ -n "$kept" ] || usage "restore needs a file that './pelluna backup' wrote"
  [ -z "$file" ] || [ -r "$file" ] || die "There is no file $file, or it cannot be read."
  need_tools java postgres
  data_folder
  exec 9>"$home/lock"
  flock -n 9 || die "Pelluna is running with the data in $home. End it first; nothing was changed."
  [ -z "$file" ] || good_dump "$file" || die "$file is no backup of Pelluna, or is damaged. Nothing was changed."
  with_cluster
  trap leave_cluster EXIT
  local there=0 fresh="${database}_coming" old
  has_database "$home" "$database" && there=1
  [ $there = 0 ] || [ "$force" = 1 ] || die "There are data already. They would be kept beside what comes, and put out of use. To do that: ./pelluna restore --force …"
  if [ -n "$kept" ]; then
    has_database "$home" "$kept" || die "No database of that name was kept: $kept."
    fresh=$kept
  else
    ask_cluster "$home" "drop database if exists \"$fresh\"" >/dev/null
    ask_cluster "$home" "create database \"$fresh\"" >/dev/null
    tool pg_restore $(at_cluster) --no-owner --no-privileges --exit-on-error --single-transaction -d "$fresh" "$file" \
      || { ask_cluster "$home" "drop database \"$fresh\"" >/dev/null; die "The backup could not be read in. Nothing was changed."; }
    local schema
    schema=$(schema_of "$fresh")
    [ "$schema" -le "$(known_schema)" ] \
      || { ask_cluster "$home" "drop database \"$fresh\"" >/dev/null; die "This backup is of a newer Pelluna. Nothing was changed; get that one first."; }
  fi
  old="${database}_before_$(date +%Y%m%d_%H%M%S)"
  [ $there = 0 ] || rename_database "$database" "$old"
  rename_database "$fresh" "$database"
  say "Restored: $(covers)."
  [ $there = 0 ] || say "What was there before is kept. To have it back: ./pelluna restore --force --kept $old"
}

# The simulated outbox, for whoever has the machine: nothing of it has gone anywhere.
mail() {
  backup_options "$@"
  [ -z "$file" ] || usage "mail takes no file"
  need_tools java postgres
  data_folder
  [ -d "$home/db" ] || die "There are no data in $home yet; ./pelluna serve starts them."
  with_cluster
  trap leave_cluster EXIT
  has_database "$home" "$database" || die "There are none of $(whose) yet."
  tool psql $(at_cluster) -d "$database" -qtA -R $'\n\n' -F $'\n' -c \
    "select 'To ' || address || ', ' || to_char(written_at, 'YYYY-MM-DD HH24:MI'), subject, body from mail order by id"
}
