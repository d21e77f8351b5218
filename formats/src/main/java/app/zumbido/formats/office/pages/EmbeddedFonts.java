package app.zumbido.formats.office.pages;

import app.zumbido.core.type.CommonFamily;
import app.zumbido.core.type.FontSet;
import app.zumbido.core.type.Lettering;
import app.zumbido.core.type.Place;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.FontProgram;
import app.zumbido.formats.delivery.Letters;
import app.zumbido.formats.delivery.Xml;
import app.zumbido.formats.office.OfficeZip;
import java.nio.ByteBuffer;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * The fonts of a document: their files where those permit it, and what stands in where programs do not take them. Sources:
 * ECMA-376 Part 1, 17.8 (font table); Part 4, 9.5 (obfuscated fonts).
 */
final class EmbeddedFonts {
    private static final String PART = "/word/fontTable.xml";
    /** Bytes at the beginning of a file that are made unreadable, and of the key. */
    private static final int HIDDEN = 32;

    private static final int KEY = 16;

    private final OfficeZip zip;
    private final Assets assets;
    private int files;

    private EmbeddedFonts(OfficeZip zip, Assets assets) {
        this.zip = zip;
        this.assets = assets;
    }

    /** @return whether any font was put in */
    static boolean put(OfficeZip zip, String document, FontSet type, Assets assets) {
        EmbeddedFonts fonts = new EmbeddedFonts(zip, assets);
        StringBuilder xml = new StringBuilder();
        Set<String> known = new HashSet<>();
        for (TypeRole role : EnumSet.complementOf(EnumSet.of(TypeRole.LOGO))) {
            if (known.add(type.get(role).family())) {
                xml.append(fonts.font(type.get(role), role));
            }
        }
        zip.link(document, "fontTable", PART);
        zip.put(
                PART,
                "wordprocessingml.fontTable+xml",
                Xml.HEAD + "<w:fonts " + WordXml.NAMESPACES + ">" + xml + "</w:fonts>");
        return fonts.files > 0;
    }

    private String font(Lettering lettering, TypeRole role) {
        StringBuilder xml = new StringBuilder("<w:font w:name=\"%s\">".formatted(Xml.text(lettering.family())));
        Optional<Letters> known = assets.letters(role);
        alternative(lettering, known)
                .ifPresent(other -> xml.append("<w:altName w:val=\"")
                        .append(Xml.text(other))
                        .append("\"/>"));
        known.ifPresent(letters -> xml.append(described(letters)));
        List<FontProgram> programs = assets.programs(lettering.family()).stream()
                .sorted(Comparator.comparing(FontProgram::italic).thenComparing(FontProgram::bold))
                .toList();
        for (FontProgram program : programs) {
            UUID key = UUID.nameUUIDFromBytes(program.file());
            files++;
            String name = "/word/fonts/font" + files + ".odttf";
            zip.put(name, hidden(program.file(), key));
            String face =
                    program.bold() ? program.italic() ? "BoldItalic" : "Bold" : program.italic() ? "Italic" : "Regular";
            xml.append("<w:embed%s r:id=\"%s\" w:fontKey=\"{%s}\"/>"
                    .formatted(
                            face, zip.link(PART, "font", name), key.toString().toUpperCase(Locale.ROOT)));
        }
        return xml.append("</w:font>").toString();
    }

    /** What somebody chose to be seen instead, what is most alike, or the open family of the same metrics. */
    private static Optional<String> alternative(Lettering lettering, Optional<Letters> known) {
        return Optional.ofNullable(lettering.standIns().get(Place.LETTERS))
                .or(() -> known.stream()
                        .flatMap(letters -> letters.standIns().stream())
                        .filter(standIn -> standIn.place() == Place.LETTERS)
                        .map(standIn -> standIn.face().family())
                        .findFirst())
                .or(() -> CommonFamily.named(lettering.family()).flatMap(CommonFamily::twin));
    }

    private static String described(Letters letters) {
        String panose = letters.panose().get(0) == 0
                ? ""
                : letters.panose().stream()
                        .map("%02X"::formatted)
                        .collect(Collectors.joining("", "<w:panose1 w:val=\"", "\"/>"));
        String family = switch (letters.face().kind()) {
            case SERIF, SLAB, DISPLAY -> "roman";
            case SANS, CONDENSED, ROUNDED -> "swiss";
            case MONO -> "modern";
            case SCRIPT -> "script";
        };
        String pitch = family.equals("modern") ? "fixed" : "variable";
        return panose + "<w:family w:val=\"" + family + "\"/><w:pitch w:val=\"" + pitch + "\"/>";
    }

    /** The key in reverse order of its bytes, twice, over the first bytes of the file. */
    static byte[] hidden(byte[] file, UUID key) {
        byte[] bytes = ByteBuffer.allocate(KEY)
                .putLong(key.getMostSignificantBits())
                .putLong(key.getLeastSignificantBits())
                .array();
        byte[] hidden = file.clone();
        for (int i = 0; i < Math.min(HIDDEN, hidden.length); i++) {
            hidden[i] ^= bytes[KEY - 1 - i % KEY];
        }
        return hidden;
    }
}
