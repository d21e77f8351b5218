/** The server: carries, stores, guards. One package a feature; the rules of the job are the core module. */
@NullMarked
package app.zumbido.server;

import org.jspecify.annotations.NullMarked;
