#!/usr/bin/env bash
# Takes the pictures in docs/screenshots anew, from the demo data.
set -eu
cd "$(dirname "$0")/.."
mkdir -p docs/screenshots
rm -f server/target/reckonrod-server-*.jar*
PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 mvn -B -ntp -q verify -DskipTests=false -Dtest=none -Dsurefire.failIfNoSpecifiedTests=false \
  -Dit.test=PicturesIT -Dfailsafe.failIfNoSpecifiedTests=false -Dreckonrod.pictures="$PWD/docs/screenshots" -pl e2e -am
ls -l docs/screenshots
