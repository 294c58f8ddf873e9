# Builds when something changed since the last build. Sourced by ./pelluna.

# PELLUNA_CLASSPATH: classes that are built already, as in the tests.
classpath() { echo "${PELLUNA_CLASSPATH:-$here/app/target/classes:$here/words/target/classes:$here/core/target/classes:$here/app/target/lib/*}"; }

fingerprint() {
  (cd "$here" && find pom.xml core/pom.xml core/src/main words/pom.xml words/src/main app/pom.xml app/src/main docs/plan.schema.json -type f -printf '%p %s %T@\n' \
    | sort | sha256sum)
}

build() {
  [ -z "${PELLUNA_CLASSPATH:-}" ] || return 0
  local stamp="$here/app/target/built" now
  now=$(fingerprint)
  [ -f "$stamp" ] && [ "$(cat "$stamp")" = "$now" ] && return
  say "Building Pelluna …"
  (cd "$here" && mvn -q -B -ntp -Dmaven.test.skip=true -Dspotless.check.skip=true package) >&2 || die "The build failed; see above."
  echo "$now" >"$stamp"
}
