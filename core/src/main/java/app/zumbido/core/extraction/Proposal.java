package app.zumbido.core.extraction;

import app.zumbido.core.color.Fraction;
import app.zumbido.core.color.Rgb;

/**
 * A colour that the machine proposes from a picture.
 *
 * @param color a value that occurs in the picture
 * @param coverage share of the whole picture that belongs to it
 * @param ground whether it is what the picture stands on, and so no brand colour by itself
 * @param place where it is best seen
 */
public record Proposal(Rgb color, Fraction coverage, boolean ground, Place place) {}
