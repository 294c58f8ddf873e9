# Builds when something changed since the last build. Sourced by ./pelluna.

# PELLUNA_CLASSPATH: classes that are built already, as in the tests.
classpath() {
  local built="$here/app/target/classes:$here/words/target/classes:$here/core/target/classes"
  echo "${PELLUNA_CLASSPATH:-$built:$here/app/target/lib/*}"
}

fingerprint() {
  (cd "$here" && find pom.xml {core,words,app}/pom.xml {core,words,app}/src/main docs/plan.schema.json \
    -type f -printf '%p %s %T@\n' | sort | sha256sum)
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
