# Builds when something changed since the last build. Sourced by ./pelluna.

# An archive of './pelluna package' has everything built in 'lib'.
packed() { [ -d "$here/lib" ] && [ ! -f "$here/pom.xml" ]; }

# PELLUNA_CLASSPATH: classes that are built already, as in the tests.
classpath() { if [ -n "${PELLUNA_CLASSPATH:-}" ]; then echo "$PELLUNA_CLASSPATH"; else jars | paste -sd:; fi; }

# Of what was built, in an order that stays: an archive of classes is good for one order only.
jars() {
  if packed; then ls "$here"/lib/*.jar; return; fi
  local part
  for part in app words core; do echo "$here/$part/target/pelluna-$part-$(version).jar"; done
  ls "$here"/app/target/lib/*.jar | grep -v '/lib/pelluna-'
}

version() { sed -n 's/.*<version>\(.*\)<\/version>.*/\1/p' "$here/pom.xml" | sed -n 2p; }

fingerprint() {
  (cd "$here" && find pom.xml {core,words,app}/pom.xml {core,words,app}/src/main docs/plan.schema.json \
    -type f -printf '%p %s %T@\n' | sort | sha256sum)
}

build() {
  [ -z "${PELLUNA_CLASSPATH:-}" ] && ! packed || return 0
  local stamp="$here/app/target/built" now
  now=$(fingerprint)
  [ -f "$stamp" ] && [ "$(cat "$stamp")" = "$now" ] && return
  say "Building Pelluna …"
  (cd "$here" && mvn -q -B -ntp -Dmaven.test.skip=true -Dspotless.check.skip=true package) >&2 || die "The build failed; see above."
  echo "$now" >"$stamp"
}
