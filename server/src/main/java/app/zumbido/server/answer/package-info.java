/**
 * The brand's whole answer, which every change gives back: its shapes stand here once, so that the features that give them
 * need not know each other. Stands on trail and beneath the features.
 */
@NullMarked
package app.zumbido.server.answer;

import org.jspecify.annotations.NullMarked;
