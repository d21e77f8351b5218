package app.zumbido.formats.delivery;

import app.zumbido.core.brand.Look;
import java.time.Instant;

/**
 * What is to be made.
 *
 * @param assets files of the brand that are put in
 * @param time written into files that tell when they were made
 */
public record Order(Look look, Assets assets, Instant time) {}
