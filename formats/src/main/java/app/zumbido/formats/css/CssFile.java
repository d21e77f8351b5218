package app.zumbido.formats.css;

import app.zumbido.core.inspect.Replacement;
import app.zumbido.core.inspect.Spot;
import app.zumbido.core.inspect.Uses;
import app.zumbido.formats.archive.PartText;
import app.zumbido.formats.archive.Splices;
import app.zumbido.formats.uses.RepaintableFile;
import java.io.IOException;
import java.io.OutputStream;
import java.util.Map;
import java.util.OptionalInt;

/** A stylesheet that came in. */
public final class CssFile implements RepaintableFile {
    private final PartText sheet;

    public CssFile(PartText sheet) {
        this.sheet = sheet;
    }

    @Override
    public String kind() {
        return "css";
    }

    @Override
    public void walk(Uses uses) {
        CssWalk walk = new CssWalk();
        walk.addStylesheet(sheet.text(), "", OptionalInt.of(0));
        walk.walk(uses);
    }

    @Override
    public void write(Map<Spot, Replacement> replacements, OutputStream out) throws IOException {
        Splices splices = new Splices();
        replacements.forEach((spot, replacement) -> CssRepaint.put(sheet.text(), spot, replacement, splices));
        out.write(sheet.bytes(splices.apply(sheet.text())));
    }
}
