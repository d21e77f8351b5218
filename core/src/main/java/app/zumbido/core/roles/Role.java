package app.zumbido.core.roles;

/** What a swatch is for, in the order of importance. */
public enum Role {
    /** Leads: title, bullets, icons. */
    MAIN(1),
    /** Support it, in their order: subheadings, levels. */
    SECONDARY(Role.MANY),
    /** For the one thing that matters. */
    HIGHLIGHT(1),
    TEXT(1),
    TEXT_ON_DARK(1),
    BOX_FILL(1),
    /** Head of tables; without one the main colour. */
    TABLE_HEAD(1),
    /** Every second row of tables; without one the second ground. */
    BAND(1),
    /** Says that something is well. */
    POSITIVE(1),
    /** Says that something is not. */
    NEGATIVE(1),
    GO(1),
    CAUTION(1),
    STOP(1),
    /** Series of charts, in their order. */
    CHART(Role.MANY),
    /** Must not be used, though the brand names it. */
    OFF_LIMITS(Role.MANY),
    /** May be used, but none of its tints. */
    TINTS_OFF_LIMITS(Role.MANY);

    private static final int MANY = 100;

    private final int most;

    Role(int most) {
        this.most = most;
    }

    /** @return how many swatches it takes */
    public int most() {
        return most;
    }

    /** Whether it says what must not be done. */
    public boolean forbids() {
        return this == OFF_LIMITS || this == TINTS_OFF_LIMITS;
    }
}
