#!/usr/bin/env bash
# quick-start.sh JAR FOLDER: unpacks the application and keeps the class data of one start, so that later starts are quick.
set -euo pipefail
jar=$(realpath -- "$1")
rm -rf "$2"
mkdir -p "$2"
cd "$2"
java -Djarmode=tools -jar "$jar" extract --destination app > /dev/null
# The whole path: class data is not used by a start from another folder otherwise. Without it a start only takes longer.
java -XX:ArchiveClassesAtExit=classes.jsa -XX:+UseSerialGC -XX:TieredStopAtLevel=1 -Dspring.aot.enabled=true \
  -Dspring.context.exit=onRefresh -jar "$PWD/app/fairember.jar" --fairember.data=training > /dev/null 2>&1 || true
rm -rf training
