package app.zumbido.formats.fonts;

import app.zumbido.core.type.FontFamily;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.apache.fontbox.ttf.NameRecord;
import org.apache.fontbox.ttf.NamingTable;
import org.jspecify.annotations.Nullable;

/** What a face is called. Source: OpenType 1.9, name table. */
record FaceNames(String family, String style) {
    private static final int FAMILY = 1;
    private static final int STYLE = 2;
    private static final int FULL = 4;
    private static final int TYPOGRAPHIC_FAMILY = 16;
    private static final int TYPOGRAPHIC_STYLE = 17;
    private static final int ENGLISH = 0x409;

    /** @throws UnreadableFontException if it has no name at all */
    static FaceNames of(@Nullable NamingTable names) {
        List<NameRecord> records = names == null ? List.of() : names.getNameRecords();
        String family = name(records, TYPOGRAPHIC_FAMILY)
                .or(() -> name(records, FAMILY))
                .or(() -> name(records, FULL))
                .orElseThrow(() -> new UnreadableFontException(
                        UnreadableFontException.Reason.BROKEN, "This font does not say what it is called"));
        String style =
                name(records, TYPOGRAPHIC_STYLE).or(() -> name(records, STYLE)).orElse("Regular");
        return new FaceNames(family, style);
    }

    /** English as computers of today read it before anything else. */
    private static Optional<String> name(List<NameRecord> records, int id) {
        return records.stream()
                .filter(candidate -> candidate.getNameId() == id && candidate.getString() != null)
                .sorted(Comparator.comparing(
                                (NameRecord candidate) -> candidate.getPlatformId() != NameRecord.PLATFORM_WINDOWS)
                        .thenComparing(candidate -> candidate.getLanguageId() != ENGLISH))
                .map(candidate -> plain(candidate.getString()))
                .filter(text -> !text.isEmpty())
                .findFirst();
    }

    private static String plain(String text) {
        StringBuilder plain = new StringBuilder();
        text.codePoints()
                .filter(letter -> !Character.isISOControl(letter)
                        && Character.getType(letter) != Character.SURROGATE
                        && Character.getType(letter) != Character.UNASSIGNED)
                .limit(FontFamily.LONGEST_NAME)
                .forEach(plain::appendCodePoint);
        String stripped = plain.toString().strip();
        return stripped.length() > FontFamily.LONGEST_NAME ? stripped.substring(0, FontFamily.LONGEST_NAME) : stripped;
    }
}
