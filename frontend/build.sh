#!/usr/bin/env bash
# Builds the stylesheet and stamps it with the checksum of what it was built from; a test compares the two.
set -euo pipefail
cd "$(dirname "$0")"
[ -d node_modules ] || npm install --no-package-lock --no-audit --no-fund --ignore-scripts
out=../app/src/main/resources/static/pelluna.css
npx @tailwindcss/cli -i pelluna.css -o "$out.new" --minify
sum=$( (cat pelluna.css; find ../app/src/main/resources/templates -name '*.html' | LC_ALL=C sort | xargs cat) | sha256sum | cut -d' ' -f1)
{ printf '/* built from %s */\n' "$sum"; cat "$out.new"; } >"$out"
rm "$out.new"
