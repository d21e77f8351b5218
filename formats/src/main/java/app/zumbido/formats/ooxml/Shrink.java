package app.zumbido.formats.ooxml;

import app.zumbido.core.inspect.check.Edit;
import app.zumbido.formats.archive.RawTag;
import app.zumbido.formats.uses.PartEdits;
import java.util.List;

/** Says of a shape that its letters are made smaller to fit. Source: ECMA-376 Part 1, 21.1.2.1.3 (normAutofit). */
final class Shrink {
    private static final List<String> FITS = List.of("normAutofit", "noAutofit", "spAutoFit");
    private static final int THOUSANDTHS_OF_A_PERCENT = 100_000;

    private Shrink() {}

    static void put(Edit.Shrink edit, PartEdits.Part part) {
        String text = part.text();
        RawTag body = RawTag.at(text, edit.spot().from());
        String fit = "<" + body.prefix() + "normAutofit fontScale=\""
                + Math.round(edit.scale() * 100) * (THOUSANDTHS_OF_A_PERCENT / 100) + "\"/>";
        if (body.empty()) {
            part.splices().put(body.from(), body.to(), body.opened(text, fit));
            return;
        }
        int end = body.closing(text).from();
        int at = text.indexOf('<', body.to());
        while (at >= 0 && at < end) {
            RawTag child = text.charAt(at + 1) == '/' ? null : RawTag.at(text, at);
            if (child != null && FITS.contains(child.localName()) && child.empty()) {
                part.splices().put(child.from(), child.to(), fit);
                return;
            }
            at = text.indexOf('<', at + 1);
        }
        part.splices().put(body.from(), body.to(), text.substring(body.from(), body.to()) + fit);
    }
}
