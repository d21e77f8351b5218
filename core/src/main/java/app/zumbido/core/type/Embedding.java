package app.zumbido.core.type;

/**
 * What a font file permits in documents that go to others: the usage permissions of fsType (OpenType 1.9, OS/2 table).
 * Where several are set, the most permissive holds.
 */
public enum Embedding {
    /** It may be embedded and installed by others. */
    INSTALLABLE,
    /** Embedded in documents that can be edited. */
    EDITABLE,
    /** Embedded only to look at and to print. */
    PRINT,
    /** Not embedded at all. */
    NONE;

    private static final int RESTRICTED = 0x0002;
    private static final int PREVIEW_AND_PRINT = 0x0004;
    private static final int EDITABLE_BIT = 0x0008;
    private static final int BITMAPS_ONLY = 0x0200;

    /** @param fsType the 16 bits of the file */
    public static Embedding ofFsType(int fsType) {
        if ((fsType & BITMAPS_ONLY) != 0) {
            return NONE;
        }
        if ((fsType & EDITABLE_BIT) != 0) {
            return EDITABLE;
        }
        if ((fsType & PREVIEW_AND_PRINT) != 0) {
            return PRINT;
        }
        return (fsType & RESTRICTED) != 0 ? NONE : INSTALLABLE;
    }
}
