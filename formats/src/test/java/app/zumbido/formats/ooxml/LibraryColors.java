package app.zumbido.formats.ooxml;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.ColorUse;
import java.awt.Color;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.apache.poi.sl.draw.DrawPaint;
import org.apache.poi.sl.usermodel.ColorStyle;
import org.apache.poi.sl.usermodel.PaintStyle;
import org.apache.poi.xslf.usermodel.XMLSlideShow;
import org.apache.poi.xslf.usermodel.XSLFGroupShape;
import org.apache.poi.xslf.usermodel.XSLFShape;
import org.apache.poi.xslf.usermodel.XSLFSimpleShape;
import org.apache.poi.xslf.usermodel.XSLFSlide;
import org.apache.poi.xslf.usermodel.XSLFTable;
import org.apache.poi.xslf.usermodel.XSLFTextRun;
import org.apache.poi.xslf.usermodel.XSLFTextShape;

/** The colours of a deck as a library of others resolves them; it does its own inheritance. */
final class LibraryColors {
    private final Map<String, Integer> counts = new TreeMap<>();

    private LibraryColors() {}

    /** @return how often each colour does what, as in {@code TEXT #0B2A4A} */
    static Map<String, Integer> of(byte[] deck) throws IOException {
        LibraryColors colors = new LibraryColors();
        try (XMLSlideShow show = new XMLSlideShow(new ByteArrayInputStream(deck))) {
            for (XSLFSlide slide : show.getSlides()) {
                colors.addGround(slide.getBackground().getFillStyle().getPaint());
                colors.addAll(slide.getShapes());
            }
        }
        return colors.counts;
    }

    private void add(ColorUse use, Optional<Rgb> color) {
        color.ifPresent(rgb -> counts.merge(use + " " + rgb.hex(), 1, Integer::sum));
    }

    private void addGround(PaintStyle paint) {
        if (paint instanceof PaintStyle.SolidPaint solid) {
            add(ColorUse.GROUND, rgb(DrawPaint.applyColorTransform(solid.getSolidColor())));
        } else if (paint instanceof PaintStyle.GradientPaint gradient) {
            for (ColorStyle stop : gradient.getGradientColors()) {
                add(ColorUse.GROUND, rgb(DrawPaint.applyColorTransform(stop)));
            }
        }
    }

    private void addAll(List<XSLFShape> shapes) {
        for (XSLFShape shape : shapes) {
            if (shape instanceof XSLFGroupShape group) {
                addAll(group.getShapes());
            } else if (shape instanceof XSLFTable table) {
                table.getRows().forEach(row -> row.getCells().forEach(this::add));
            } else if (shape instanceof XSLFSimpleShape simple) {
                add(simple);
            }
        }
    }

    private void add(XSLFSimpleShape shape) {
        List<XSLFTextRun> runs = shape instanceof XSLFTextShape text
                ? text.getTextParagraphs().stream()
                        .flatMap(paragraph -> paragraph.getTextRuns().stream())
                        .filter(run -> !run.getRawText().isBlank())
                        .toList()
                : List.of();
        add(runs.isEmpty() ? ColorUse.GRAPHIC : ColorUse.GROUND, rgb(shape.getFillColor()));
        add(ColorUse.BORDER, rgb(shape.getLineColor()));
        runs.forEach(run -> add(
                ColorUse.TEXT,
                run.getFontColor() instanceof PaintStyle.SolidPaint solid
                        ? rgb(DrawPaint.applyColorTransform(solid.getSolidColor()))
                        : Optional.empty()));
    }

    private static Optional<Rgb> rgb(Color color) {
        return color == null || color.getAlpha() == 0
                ? Optional.empty()
                : Optional.of(new Rgb(color.getRed(), color.getGreen(), color.getBlue()));
    }
}
