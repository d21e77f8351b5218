package app.zumbido.core.type;

/** How a family is made, as far as somebody notices who sees another one instead. */
public enum FaceKind {
    SERIF(Generic.SERIF),
    SANS(Generic.SANS_SERIF),
    MONO(Generic.MONOSPACE),
    SLAB(Generic.SERIF),
    SCRIPT(Generic.CURSIVE),
    /** Drawn for large sizes, of strong contrast. */
    DISPLAY(Generic.SERIF),
    CONDENSED(Generic.SANS_SERIF),
    ROUNDED(Generic.SANS_SERIF);

    /** What every stack of families ends in (CSS Fonts 4, generic families). */
    public enum Generic {
        SERIF("serif"),
        SANS_SERIF("sans-serif"),
        MONOSPACE("monospace"),
        CURSIVE("cursive");

        private final String css;

        Generic(String css) {
            this.css = css;
        }

        public String css() {
            return css;
        }
    }

    private final Generic generic;

    FaceKind(Generic generic) {
        this.generic = generic;
    }

    public Generic generic() {
        return generic;
    }

    /** Whether somebody who looks quickly takes one for the other: with feet or without, of a typewriter, by hand. */
    public boolean keeps(FaceKind other) {
        return generic == other.generic;
    }

    /** @return 0 for the same, 1 for a neighbour (a slab for a serif), 2 for something else altogether */
    public int distanceTo(FaceKind other) {
        if (this == other) {
            return 0;
        }
        return generic == other.generic ? 1 : 2;
    }
}
