package app.zumbido.core.brand;

import app.zumbido.core.theme.SlotColor;

/**
 * What stands on one ground of what is made, everything as a reference into the theme and readable there.
 *
 * @param heading as all that is text it reaches 4.5:1 wherever the theme has anything that does
 * @param quiet for what stands at the edge: dates, numbers, sources
 * @param accent for rules and bullets: reaches 3:1
 */
public record ThemedInks(
        SlotColor ground, SlotColor heading, SlotColor subheading, SlotColor text, SlotColor quiet, SlotColor accent) {}
