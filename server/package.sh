#!/usr/bin/env bash
# Packs the built program for people who are no developers. Usage: package.sh JAR UNPACKED DIST
#   DIST/zumbido           a folder with the program, its own Java and a start script
#   DIST/zumbido-SYSTEM-MACHINE.tar.xz   the same in one file, for this platform
#   DIST/zumbido.jar       the one file that runs wherever Java 17 is
set -euo pipefail

here=$(cd "$(dirname "${BASH_SOURCE[0]}")" && pwd)
jar=$(realpath "$1")
unpacked=$(realpath "$2")
dist=$(realpath -m "$3")

# What the program and its libraries refer to (jdeps), without debuggers, recorders and compilers that nothing here calls.
modules=java.base,java.desktop,java.instrument,java.management,java.naming,java.net.http,java.prefs,java.scripting
modules+=,java.security.jgss,java.sql,java.sql.rowset,java.xml.crypto,jdk.management,jdk.unsupported

platform=$(uname -s | tr '[:upper:]' '[:lower:]')-$(uname -m)
rm -rf "$dist"
mkdir -p "$dist/zumbido"
cp "$jar" "$dist/zumbido.jar"
cp -r "$unpacked" "$dist/zumbido/app"
java "$here/KeepNative.java" "$dist"/zumbido/app/lib/sqlite-jdbc-*.jar

jlink --add-modules "$modules" --strip-debug --no-header-files --no-man-pages --compress=2 \
  --output "$dist/zumbido/runtime"
"$dist/zumbido/runtime/bin/java" -Xshare:dump >/dev/null
# Archived anew: by this Java, and from the jars as they are now.
"$here/prepare-start.sh" --archive "$dist/zumbido/runtime/bin/java" "$dist/zumbido/app"
cp "$here/start.sh" "$dist/zumbido/zumbido"
cp "$here/../LICENSE" "$here/../THIRD-PARTY.md" "$dist/zumbido/"

packed=$dist/zumbido-$platform.tar.xz
XZ_OPT=-T0 tar -C "$dist" -cJf "$packed" zumbido
echo "zumbido: $packed, $(($(wc -c <"$packed") / 1000000)) MB"
