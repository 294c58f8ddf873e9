# One archive that runs with Java and PostgreSQL alone, the same bytes whenever it is made of the same sources. Sourced by ./pelluna.

# Every file of an archive is of the day of the last change.
day_of_sources() { git -C "$here" log -1 --format=%cI 2>/dev/null | cut -c1-10 | grep . || echo 2026-01-01; }

# What the program needs: its own classes in a jar for each part, libraries as they are.
pack_libraries() { # folder, day
  local part
  while read -r part; do
    case $part in
      *'*') cp "${part%\*}"*.jar "$1/" ;;
      *.jar) cp "$part" "$1/" ;;
      */classes) jar --create --file "$1/pelluna-$(basename "$(dirname "$(dirname "$part")")").jar" --date="$2T00:00:00Z" -C "$part" . ;;
    esac
  done < <(classpath | tr ':' '\n')
}

package() {
  local out name day
  name=pelluna-$(version)
  out=${1:-$here/$name.tar.gz}
  [ -d "$(dirname "$out")" ] || die "There is no folder $(dirname "$out")."
  command -v mvn >/dev/null || [ -n "${PELLUNA_CLASSPATH:-}" ] || need_tools java maven
  build
  day=$(day_of_sources)
  stage=$(mktemp -d "${TMPDIR:-/tmp}/pelluna-package.XXXXXX")
  trap 'rm -rf "$stage"' EXIT
  mkdir -p "$stage/$name"/{lib,scripts,docs}
  pack_libraries "$stage/$name/lib" "$day"
  cp "$here/pelluna" "$here/README.md" "$here/CHANGELOG.md" "$stage/$name/"
  [ ! -f "$here/NOTICE" ] || cp "$here/NOTICE" "$stage/$name/"
  cp "$here"/scripts/*.sh "$here/scripts/pelluna.service" "$stage/$name/scripts/"
  cp "$here"/docs/*.md "$here/docs/plan.schema.json" "$stage/$name/docs/"
  known_schema >"$stage/$name/lib/schema"
  (cd "$stage/$name" && find . -type f ! -name SHA256SUMS -print0 | sort -z | xargs -0 sha256sum) >"$stage/SHA256SUMS"
  mv "$stage/SHA256SUMS" "$stage/$name/"
  chmod -R u=rwX,go=rX "$stage/$name"
  tar -C "$stage" --sort=name --mtime="$day 00:00Z" --owner=0 --group=0 --numeric-owner -cf - "$name" | gzip -n >"$out"
  say "$out: $(du -h "$out" | cut -f1), SHA-256 $(sha256sum "$out" | cut -d' ' -f1)"
}
