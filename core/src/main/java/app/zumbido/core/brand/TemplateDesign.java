package app.zumbido.core.brand;

import app.zumbido.core.logos.Corner;

/**
 * What can be chosen about the presentation template beyond colours, letters and logo.
 *
 * @param title what the title slide is made of
 * @param bullets what leads a point of a list
 * @param corner where the small logo stands on every slide
 * @param together whether the other themes of the brand come in the same file, each as a master of its own
 */
public record TemplateDesign(TitleShape title, BulletKind bullets, Corner corner, boolean together) {
    public static final TemplateDesign USUAL =
            new TemplateDesign(TitleShape.FULL, BulletKind.SQUARE, Corner.LOWER_RIGHT, false);

    public TemplateDesign {
        if (corner == Corner.MIDDLE) {
            throw new IllegalArgumentException("The logo of every slide stands in a corner");
        }
    }

    /** Where the gradient of the title slide lies. */
    public enum TitleShape {
        /** Over all of the slide. */
        FULL,
        /** A band below, under the title; the logo stands above it on the page. */
        LOWER,
        /** A column at the left; title and logo stand beside it on the page. */
        SIDE,
        /** No gradient: the page with a rule. */
        PLAIN
    }

    /** What leads a point: one sign for each of three levels. */
    public enum BulletKind {
        SQUARE("▪–·"),
        ROUND("•–·"),
        DASH("–··"),
        TRIANGLE("►–·");

        private final String signs;

        BulletKind(String signs) {
            this.signs = signs;
        }

        /** @param level 0 for the first; deeper ones are led as the third */
        public String sign(int level) {
            int place = Math.min(level, signs.length() - 1);
            return signs.substring(place, place + 1);
        }
    }
}
