# A copy of your own data each day, kept for a while: seven days, then one of each of four weeks. Sourced by ./pelluna.

copy_days=7
copy_weeks=4

# Takes today's copy if there is none yet; what was there stays until the new one is known to be whole.
copy_of_today() { # database
  local folder="$home/copies" file
  file="$folder/$(date +%F).backup"
  [ ! -e "$file" ] || return 0
  has_database "$home" "$1" || return 0
  (umask 077; mkdir -p "$folder"; rm -f "$folder"/*.part; tool pg_dump $(at_cluster) -Fc -f "$file.part" "$1") || return 1
  good_dump "$file.part" || { rm -f "$file.part"; return 1; }
  mv "$file.part" "$file"
  rotate_copies "$folder"
}

# Leaves the newest seven, and of the older ones the last of each of the last four weeks that have any.
rotate_copies() { # folder
  local n=0 weeks='' count=0 file week
  for file in $(ls "$1" | grep -E '^[0-9]{4}-[0-9]{2}-[0-9]{2}\.backup$' | sort -r); do
    n=$((n + 1))
    [ $n -gt $copy_days ] || continue
    week=$(date -d "${file%.backup}" +%G-%V)
    case " $weeks " in
      *" $week "*) rm -f "$1/$file"; continue ;;
    esac
    count=$((count + 1))
    weeks="$weeks $week"
    [ $count -le $copy_weeks ] || rm -f "$1/$file"
  done
}

# For as long as the launcher lives. The first comes some minutes after a start, when everything has settled.
keep_copies() { # database, process number of the launcher
  local wait=${PELLUNA_COPY_AFTER:-300}
  while sleep "$wait" && kill -0 "$2" 2>/dev/null && [ ! -f "$home/stopping" ]; do
    [ "$(schema_of "$1" || echo 0)" != 0 ] || continue
    if copy_of_today "$1"; then wait=3600; else say "Today's copy of your data could not be made; it is tried again in a while."; fi
  done
}
