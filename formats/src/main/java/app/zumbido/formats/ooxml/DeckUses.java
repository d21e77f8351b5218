package app.zumbido.formats.ooxml;

import app.zumbido.core.color.ColorCode;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.ColorUse;
import app.zumbido.core.inspect.FoundTheme;
import app.zumbido.core.inspect.Inventory;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.archive.PartXml;
import java.awt.Color;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Optional;
import javax.xml.stream.XMLStreamReader;
import org.apache.poi.sl.draw.DrawPaint;
import org.apache.poi.sl.usermodel.PaintStyle;
import org.apache.poi.xslf.usermodel.XMLSlideShow;
import org.apache.poi.xslf.usermodel.XSLFBackground;
import org.apache.poi.xslf.usermodel.XSLFGraphicFrame;
import org.apache.poi.xslf.usermodel.XSLFGroupShape;
import org.apache.poi.xslf.usermodel.XSLFShape;
import org.apache.poi.xslf.usermodel.XSLFSimpleShape;
import org.apache.poi.xslf.usermodel.XSLFSlide;
import org.apache.poi.xslf.usermodel.XSLFTable;
import org.apache.poi.xslf.usermodel.XSLFTableRow;
import org.apache.poi.xslf.usermodel.XSLFTextParagraph;
import org.apache.poi.xslf.usermodel.XSLFTextRun;
import org.apache.poi.xslf.usermodel.XSLFTextShape;
import org.jspecify.annotations.Nullable;

/**
 * Colours of the slides of a deck as they are seen, whatever layout, master or theme they come from. The inheritance is
 * resolved by the library.
 */
final class DeckUses {
    private final Inventory.Tally tally;
    private final Optional<FoundTheme> theme;

    DeckUses(Inventory.Tally tally, Optional<FoundTheme> theme) {
        this.tally = tally;
        this.theme = theme;
    }

    /** @return false if the library cannot read the file, as with the strict form of the standard */
    boolean count(byte[] file) {
        OfficeLimits.set();
        try (XMLSlideShow show = new XMLSlideShow(new ByteArrayInputStream(file))) {
            for (XSLFSlide slide : show.getSlides()) {
                Rgb ground = ground(slide);
                tally.use(ground, ColorUse.GROUND);
                addAll(slide.getShapes(), ground);
            }
            return true;
        } catch (IOException | RuntimeException e) {
            // The theme has been read already and is worth having alone.
            return false;
        }
    }

    /** A deck may say nothing about its ground anywhere, and then it is the light one. */
    private Rgb ground(XSLFSlide slide) {
        XSLFBackground background = slide.getBackground();
        return rgb(background == null ? null : background.getFillColor()).orElseGet(() -> slot(ThemeSlot.LIGHT_1));
    }

    private Rgb slot(ThemeSlot slot) {
        return theme.map(found -> found.colors().get(slot)).orElse(Rgb.WHITE);
    }

    private void addAll(List<XSLFShape> shapes, Rgb ground) {
        for (XSLFShape shape : shapes) {
            if (shape instanceof XSLFGroupShape group) {
                addAll(group.getShapes(), ground);
            } else if (shape instanceof XSLFTable table) {
                for (XSLFTableRow row : table.getRows()) {
                    row.getCells().forEach(cell -> add(cell, ground));
                }
            } else if (shape instanceof XSLFSimpleShape simple) {
                add(simple, ground);
            } else if (shape instanceof XSLFGraphicFrame frame && frame.hasChart()) {
                addChart(frame);
            }
        }
    }

    private void add(XSLFSimpleShape shape, Rgb around) {
        Optional<Rgb> fill = rgb(shape.getFillColor());
        List<XSLFTextRun> runs = shape instanceof XSLFTextShape text ? runs(text) : List.of();
        fill.ifPresent(color -> tally.use(color, runs.isEmpty() ? ColorUse.GRAPHIC : ColorUse.GROUND));
        rgb(shape.getLineColor()).ifPresent(color -> tally.use(color, ColorUse.BORDER));
        for (XSLFTextRun run : runs) {
            text(run).ifPresent(color -> {
                tally.use(color, ColorUse.TEXT);
                tally.combine(color, fill.orElse(around));
            });
        }
    }

    private static List<XSLFTextRun> runs(XSLFTextShape shape) {
        return shape.getTextParagraphs().stream()
                .map(XSLFTextParagraph::getTextRuns)
                .flatMap(List::stream)
                .filter(run -> !run.getRawText().isBlank())
                .toList();
    }

    /** Links take the theme's colour, which the library does not know. */
    private Optional<Rgb> text(XSLFTextRun run) {
        if (run.getHyperlink() != null) {
            return theme.map(found -> found.colors().get(ThemeSlot.HYPERLINK));
        }
        return run.getFontColor() instanceof PaintStyle.SolidPaint solid
                ? rgb(DrawPaint.applyColorTransform(solid.getSolidColor()))
                : Optional.empty();
    }

    private static Optional<Rgb> rgb(@Nullable Color color) {
        return color == null || color.getAlpha() == 0
                ? Optional.empty()
                : Optional.of(new Rgb(color.getRed(), color.getGreen(), color.getBlue()));
    }

    private void addChart(XSLFGraphicFrame frame) {
        try (InputStream part = frame.getChart().getPackagePart().getInputStream()) {
            PartXml.read(part.readAllBytes(), new Series());
        } catch (IOException e) {
            throw new IllegalStateException("What has been read once is in memory", e);
        }
    }

    /** The fill of each series. Source: ECMA-376 Part 1, 21.2.2.170. */
    private final class Series implements PartXml.Handler {
        private boolean inSeries;
        private boolean filled;

        @Override
        public void start(String name, XMLStreamReader element) {
            if (name.equals("ser")) {
                inSeries = true;
                filled = false;
            } else if (inSeries && !filled) {
                color(name, element).ifPresent(color -> {
                    tally.use(color, ColorUse.GRAPHIC);
                    filled = true;
                });
            }
        }

        private Optional<Rgb> color(String name, XMLStreamReader element) {
            Optional<String> value = PartXml.attribute(element, "val");
            return switch (name) {
                case "srgbClr" -> value.flatMap(ColorCode::parse);
                case "schemeClr" ->
                    value.flatMap(SlotNames::find)
                            .flatMap(slot -> theme.map(found -> found.colors().get(slot)));
                default -> Optional.empty();
            };
        }

        @Override
        public void end(String name) {
            if (name.equals("ser")) {
                inSeries = false;
            }
        }
    }
}
