package app.zumbido.formats.listing;

import app.zumbido.formats.archive.Archive;
import app.zumbido.formats.archive.PartText;
import app.zumbido.formats.css.CssFile;
import app.zumbido.formats.css.HtmlPage;
import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.odf.OdfFile;
import app.zumbido.formats.ooxml.OfficeFile;
import app.zumbido.formats.svg.SvgColors;
import app.zumbido.formats.svg.SvgFile;
import app.zumbido.formats.tokens.TokenFile;
import app.zumbido.formats.uses.ColoredFile;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Optional;

/** Opens whatever has colours that are written down in it: documents, drawings, stylesheets, pages, tokens. */
public final class ColoredFiles {
    /** Longer texts are data, not style; bytes. */
    private static final int LONGEST_TEXT = 8 << 20;
    /** A page says within so many characters that it is one. */
    private static final int HEAD = 2_000;

    private ColoredFiles() {}

    /**
     * Tells the kind by what is in the file.
     *
     * @return nothing if it is none of these kinds
     * @throws UnreadableImageException if it is one and damaged or too large
     */
    public static Optional<ColoredFile> open(byte[] file) {
        if (SvgFile.isSvg(file)) {
            return Optional.of(new SvgColors(file));
        }
        return Archive.isZip(file) ? ofArchive(file) : text(file).flatMap(ColoredFiles::ofText);
    }

    /** The archive is closed by whoever gets the file, or here if there is none. */
    private static Optional<ColoredFile> ofArchive(byte[] file) {
        Archive archive = Archive.open(file);
        try {
            Optional<ColoredFile> opened = OdfFile.kindOf(archive).map(kind -> OdfFile.of(archive, kind));
            if (opened.isEmpty() && OfficeFile.isOffice(archive)) {
                opened = Optional.of(OfficeFile.of(archive));
            }
            if (opened.isEmpty()) {
                archive.close();
            }
            return opened;
        } catch (RuntimeException e) {
            archive.close();
            throw e;
        }
    }

    /** @return nothing if it is no text */
    private static Optional<PartText> text(byte[] file) {
        if (file.length == 0 || file.length > LONGEST_TEXT) {
            return Optional.empty();
        }
        try {
            String text = StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(file))
                    .toString();
            PartText read = PartText.withMark(text, StandardCharsets.UTF_8);
            return read.text().indexOf('\0') < 0 ? Optional.of(read) : Optional.empty();
        } catch (CharacterCodingException e) {
            return Optional.empty();
        }
    }

    private static Optional<ColoredFile> ofText(PartText read) {
        String text = read.text();
        String head = text.stripLeading();
        if (head.startsWith("{") || head.startsWith("[")) {
            return Optional.of(TokenFile.of(text));
        }
        if (head.startsWith("<")) {
            String lower = head.substring(0, Math.min(HEAD, head.length())).toLowerCase(Locale.ROOT);
            boolean page = lower.contains("<html") || lower.contains("<!doctype html") || lower.contains("<body");
            return page ? Optional.of(new HtmlPage(text)) : Optional.empty();
        }
        boolean rules = text.indexOf('{') >= 0 && text.indexOf(':') >= 0 && text.indexOf('}') >= 0;
        return rules ? Optional.of(new CssFile(read)) : Optional.empty();
    }
}
