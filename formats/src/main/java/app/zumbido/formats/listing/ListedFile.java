package app.zumbido.formats.listing;

import app.zumbido.core.inspect.Inventory;
import app.zumbido.formats.archive.Archive;
import app.zumbido.formats.css.CssInventory;
import app.zumbido.formats.css.HtmlInventory;
import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.image.UnreadableImageException.Reason;
import app.zumbido.formats.odf.OdfInventory;
import app.zumbido.formats.ooxml.OfficeInventory;
import app.zumbido.formats.tokens.TokenInventory;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Optional;

/**
 * A file that lists colours and shows none by itself: a presentation, document or workbook, a stylesheet, a saved page,
 * or design tokens.
 *
 * @param kind pptx, docx, xlsx, odp, odt, ods, odg, css, html or json
 */
public record ListedFile(String kind, Inventory inventory) {
    /** Longer texts are data, not style; bytes. */
    private static final int LONGEST_TEXT = 8 << 20;
    /** A page says within so many characters that it is one. */
    private static final int HEAD = 2_000;

    /**
     * Tells the kind by what is in the file.
     *
     * @return nothing if it is none of these kinds
     * @throws UnreadableImageException if it is one and damaged, too large, or without any colour
     */
    public static Optional<ListedFile> read(byte[] file) {
        Optional<ListedFile> listed =
                Archive.isZip(file) ? ofArchive(file) : text(file).flatMap(ListedFile::ofText);
        listed.filter(found -> found.inventory().isEmpty()).ifPresent(empty -> {
            throw new UnreadableImageException(Reason.NO_COLOR, "There is no colour in this file");
        });
        return listed;
    }

    private static Optional<ListedFile> ofArchive(byte[] file) {
        try (Archive archive = Archive.open(file)) {
            Optional<String> odf = OdfInventory.kindOf(archive);
            if (odf.isPresent()) {
                OdfInventory read = OdfInventory.read(archive, odf.get());
                return Optional.of(new ListedFile(read.kind(), read.inventory()));
            }
            if (!OfficeInventory.isOffice(archive)) {
                return Optional.empty();
            }
            OfficeInventory read = OfficeInventory.read(archive, file);
            return Optional.of(new ListedFile(read.kind(), read.inventory()));
        }
    }

    /** @return nothing if it is no text */
    private static Optional<String> text(byte[] file) {
        if (file.length == 0 || file.length > LONGEST_TEXT) {
            return Optional.empty();
        }
        try {
            String text = StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(file))
                    .toString();
            // A byte order mark is no part of the text.
            String bare = text.startsWith("\uFEFF") ? text.substring(1) : text;
            return bare.indexOf('\0') < 0 ? Optional.of(bare) : Optional.empty();
        } catch (CharacterCodingException e) {
            return Optional.empty();
        }
    }

    private static Optional<ListedFile> ofText(String text) {
        String head = text.stripLeading();
        if (head.startsWith("{") || head.startsWith("[")) {
            return Optional.of(new ListedFile("json", TokenInventory.read(text)));
        }
        if (head.startsWith("<")) {
            String lower = head.substring(0, Math.min(HEAD, head.length())).toLowerCase(Locale.ROOT);
            boolean page = lower.contains("<html") || lower.contains("<!doctype html") || lower.contains("<body");
            return page ? Optional.of(new ListedFile("html", HtmlInventory.read(text))) : Optional.empty();
        }
        boolean rules = text.indexOf('{') >= 0 && text.indexOf(':') >= 0 && text.indexOf('}') >= 0;
        return rules ? Optional.of(new ListedFile("css", CssInventory.read(text))) : Optional.empty();
    }
}
