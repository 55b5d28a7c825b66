#!/usr/bin/env bash
# Unpacks the application's jar and archives the classes that its start loads, already parsed and checked, for later starts to map
# into memory (class data sharing; decision 45). Where the archive can't be made, starts are slower and nothing else is lost.
#   archive-classes.sh JAR FOLDER
set -uo pipefail

readonly JAR=$1 FOLDER=$2
readonly FIRST=$FOLDER.first-start

# The start that is watched is stopped at once when all is wired, so its database is left to be stopped here.
stop_database() {
  local pid
  pid=$(cat "$FIRST/database/mariadbd.pid" 2>/dev/null) || return 0
  kill -TERM "$pid" 2>/dev/null
  while kill -0 "$pid" 2>/dev/null; do sleep 0.1; done
}

clean() {
  stop_database
  rm -rf "$FIRST"
}
trap clean EXIT

rm -rf "$FOLDER" "$FIRST"
mkdir -p "$FIRST/aside"
java -Djarmode=tools -jar "$JAR" extract --destination "$FOLDER" --application-filename potmellow.jar >/dev/null || exit 0
java -XX:ArchiveClassesAtExit="$FOLDER/classes.part" -XX:+UseSerialGC -XX:TieredStopAtLevel=1 -Xlog:cds=off -Xlog:cds+dynamic=off \
  -Dspring.context.exit=onRefresh -Dlogging.threshold.console=error -Djava.io.tmpdir="$FIRST/aside" \
  -jar "$FOLDER/potmellow.jar" --server.port=0 --potmellow.home="$FIRST"
if [ -f "$FOLDER/classes.part" ]; then mv "$FOLDER/classes.part" "$FOLDER/classes.jsa"; else rm -rf "$FOLDER"; fi
exit 0
