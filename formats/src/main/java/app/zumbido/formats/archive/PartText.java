package app.zumbido.formats.archive;

import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.image.UnreadableImageException.Reason;
import java.nio.ByteBuffer;
import java.nio.CharBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * An XML part as characters, with what is needed to give it back as the same bytes. Source: W3C XML 1.0, 4.3.3 and
 * appendix F.
 *
 * @param mark the byte order mark that stood before it; empty or one character
 */
public record PartText(String text, Charset encoding, String mark) {
    /** The declaration stands at the very start. */
    private static final int HEAD = 200;

    private static final char UNREADABLE = '\uFFFD';

    private static final Pattern DECLARED =
            Pattern.compile("^<\\?xml [^>]{0,100}?encoding ?= ?[\"']([A-Za-z][A-Za-z0-9._-]{0,40})[\"']");

    /** @throws UnreadableImageException if the bytes are no text of the encoding that they claim */
    public static PartText of(byte[] part) {
        Charset encoding = encodingOf(part);
        if (encoding.equals(StandardCharsets.UTF_8)) {
            String text = new String(part, StandardCharsets.UTF_8);
            // Without the sign that stands for what cannot be read, everything was read.
            if (text.indexOf(UNREADABLE) < 0) {
                return withMark(text, encoding);
            }
        }
        try {
            String text = encoding.newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(part))
                    .toString();
            return withMark(text, encoding);
        } catch (CharacterCodingException e) {
            throw new UnreadableImageException(
                    Reason.BROKEN, "The file cannot be read: a part of it is no text in " + encoding.name(), e);
        }
    }

    /** @param text perhaps with a byte order mark, which is no part of it */
    public static PartText withMark(String text, Charset encoding) {
        boolean marked = text.startsWith("\uFEFF");
        return new PartText(marked ? text.substring(1) : text, encoding, marked ? "\uFEFF" : "");
    }

    private static Charset encodingOf(byte[] part) {
        if (startsWith(part, 0xFE, 0xFF) || startsWith(part, 0, '<')) {
            return StandardCharsets.UTF_16BE;
        }
        if (startsWith(part, 0xFF, 0xFE) || startsWith(part, '<', 0)) {
            return StandardCharsets.UTF_16LE;
        }
        String head = new String(part, 0, Math.min(HEAD, part.length), StandardCharsets.ISO_8859_1);
        Matcher declared = DECLARED.matcher(head);
        boolean known = declared.find() && Charset.isSupported(declared.group(1));
        return known ? Charset.forName(declared.group(1)) : StandardCharsets.UTF_8;
    }

    private static boolean startsWith(byte[] part, int first, int second) {
        return part.length > 1 && (part[0] & 0xFF) == first && (part[1] & 0xFF) == second;
    }

    /** @return another text as bytes of the same kind */
    public byte[] bytes(CharSequence changed) {
        ByteBuffer bytes = encoding.encode(CharBuffer.wrap(mark + changed));
        byte[] result = new byte[bytes.remaining()];
        bytes.get(result);
        return result;
    }
}
