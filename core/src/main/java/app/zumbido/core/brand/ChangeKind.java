package app.zumbido.core.brand;

/** What a step on the trail was; the page words it. */
public enum ChangeKind {
    BEGUN,
    BRAND_RENAMED,
    SHORT_CODE_SET,
    SWATCHES_ADDED,
    SWATCHES_SEEN,
    SWATCH_RENAMED,
    SWATCH_RECOLORED,
    SWATCH_LIGHTENED,
    SWATCH_DARKENED,
    SWATCH_REMOVED,
    SWATCH_MOVED,
    HIERARCHY_MARKED,
    OFF_LIMITS_SET,
    OFF_LIMITS_LIFTED,
    SLOT_FILLED,
    SUGGESTION_APPLIED,
    THEME_RENAMED,
    DRAFTED,
    THEME_TAKEN
}
