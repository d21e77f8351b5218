package app.zumbido.formats.ooxml;

import app.zumbido.core.type.CommonFamily;
import app.zumbido.core.type.FaceKind;
import app.zumbido.formats.fonts.KnownFamilies;
import app.zumbido.formats.fonts.ShippedFaces;
import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.GraphicsEnvironment;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.apache.poi.xslf.usermodel.XSLFGroupShape;
import org.apache.poi.xslf.usermodel.XSLFShape;
import org.apache.poi.xslf.usermodel.XSLFTable;
import org.apache.poi.xslf.usermodel.XSLFTextParagraph;
import org.apache.poi.xslf.usermodel.XSLFTextRun;
import org.apache.poi.xslf.usermodel.XSLFTextShape;

/**
 * The faces that pages are drawn in: the file's own where they ship here, those of the same metrics for common ones, and one
 * of the same kind for all others. Only files that ship reach the fonts of the platform, never those of strangers.
 */
public final class PageFonts {
    /** By family what is drawn; each is made known to the platform once. */
    private static final Map<String, String> DRAWN = new ConcurrentHashMap<>();

    private PageFonts() {}

    /** Gives the runs of a sheet the families that are drawn: the library asks the platform for those that the file names. */
    static void on(List<XSLFShape> shapes) {
        for (XSLFShape shape : shapes) {
            if (shape instanceof XSLFGroupShape group) {
                on(group.getShapes());
            } else if (shape instanceof XSLFTextShape text) {
                text.getTextParagraphs().forEach(PageFonts::on);
            } else if (shape instanceof XSLFTable table) {
                table.getRows()
                        .forEach(row -> row.getCells()
                                .forEach(cell -> cell.getTextParagraphs().forEach(PageFonts::on)));
            }
        }
    }

    private static void on(XSLFTextParagraph paragraph) {
        for (XSLFTextRun run : paragraph.getTextRuns()) {
            String family = run.getFontFamily();
            if (family != null && !family.isBlank()) {
                run.setFontFamily(drawn(family));
            }
        }
    }

    /** @return a family that the platform knows */
    public static String drawn(String family) {
        return DRAWN.computeIfAbsent(family, PageFonts::find);
    }

    private static String find(String family) {
        String name = ShippedFaces.family(family)
                .map(ShippedFaces.Family::family)
                .or(() -> CommonFamily.named(family).flatMap(CommonFamily::twin))
                .orElseGet(() -> ofKind(kind(family)));
        ShippedFaces.family(name).ifPresent(known -> known.faces().forEach(file -> register(file)));
        return name;
    }

    private static FaceKind kind(String family) {
        return KnownFamilies.of(family.length() > 80 ? family.substring(0, 80) : family)
                .kind();
    }

    private static String ofKind(FaceKind kind) {
        return switch (kind) {
            case SERIF -> "Tinos";
            case SLAB -> "Zilla Slab";
            case MONO -> "Cousine";
            case SCRIPT -> "Caveat";
            case CONDENSED -> "Roboto Condensed";
            case ROUNDED -> "Nunito";
            default -> "Arimo";
        };
    }

    private static void register(ShippedFaces.File file) {
        try {
            Font font = Font.createFont(Font.TRUETYPE_FONT, new ByteArrayInputStream(ShippedFaces.bytes(file.file())));
            GraphicsEnvironment.getLocalGraphicsEnvironment().registerFont(font);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (FontFormatException e) {
            throw new IllegalStateException("A face that ships cannot be drawn: " + file.file(), e);
        }
    }
}
