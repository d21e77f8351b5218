package app.zumbido.core.extraction;

import app.zumbido.core.color.Rgb;

/**
 * A colour that may become a proposal.
 *
 * @param pixels how many pixels speak for it
 */
record Candidate(Rgb color, long pixels) {}
