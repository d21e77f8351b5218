package app.zumbido.formats.pdf;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import app.zumbido.core.type.NamedFonts;
import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.image.UnreadableImageException.Reason;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;

/** A document whose pages are read for colours. It is opened anew for every question, since nobody says when it is done. */
public final class PdfFile {
    /** Pages that are read; a manual has a tenth of them. */
    public static final int MOST_PAGES = 60;
    /** The longer side of a drawn page; pixels. */
    private static final int LONG_SIDE = 1600;
    /** The header stands within so many bytes. Source: ISO 32000-1, annex H, note 13. */
    private static final int HEAD = 1024;
    /** One page's text is read up to here; characters. */
    private static final int MOST_TEXT = 200_000;

    private final byte[] file;
    private final List<PageSize> pages;

    /**
     * A page as it is drawn.
     *
     * @param width in pixels
     * @param height in pixels
     * @param scale pixels a point
     */
    public record PageSize(int width, int height, float scale) {}

    private PdfFile(byte[] file, List<PageSize> pages) {
        this.file = file;
        this.pages = List.copyOf(pages);
    }

    public static boolean isPdf(byte[] file) {
        return new String(file, 0, Math.min(file.length, HEAD), StandardCharsets.ISO_8859_1).contains("%PDF-");
    }

    /** @throws UnreadableImageException if it is damaged, locked, without pages, or longer than {@link #MOST_PAGES} */
    public static PdfFile read(byte[] file) {
        return with(file, document -> {
            PdfStreams.check(document.getDocument());
            int count = document.getNumberOfPages();
            if (count > MOST_PAGES) {
                throw new UnreadableImageException(
                        Reason.TOO_LARGE, "The PDF has " + count + " pages; " + MOST_PAGES + " are the most");
            }
            List<PageSize> pages = new ArrayList<>();
            for (int i = 0; i < count; i++) {
                pages.add(size(document, i));
            }
            if (pages.isEmpty()) {
                throw broken("it has no pages", null);
            }
            return new PdfFile(file, pages);
        });
    }

    private static PageSize size(PDDocument document, int index) {
        PDRectangle box = document.getPage(index).getCropBox();
        boolean turned = document.getPage(index).getRotation() % 180 != 0;
        float across = turned ? box.getHeight() : box.getWidth();
        float down = turned ? box.getWidth() : box.getHeight();
        if (!(across >= 1 && down >= 1)) {
            throw broken("page " + (index + 1) + " has no size", null);
        }
        float scale = LONG_SIDE / Math.max(across, down);
        return new PageSize(Math.max(1, (int) (across * scale)), Math.max(1, (int) (down * scale)), scale);
    }

    private interface Reading<T> {
        T from(PDDocument document) throws IOException;
    }

    private static <T> T with(byte[] file, Reading<T> reading) {
        try (PDDocument document = Loader.loadPDF(file)) {
            return reading.from(document);
        } catch (UnreadableImageException e) {
            throw e;
        } catch (IOException | RuntimeException | StackOverflowError e) {
            // Parsers throw whatever they stumble over; the bytes come from outside.
            throw broken("a part of it is damaged, or it needs a password", e);
        }
    }

    private static UnreadableImageException broken(String why, Throwable cause) {
        return new UnreadableImageException(Reason.BROKEN, "The PDF cannot be read: " + why, cause);
    }

    /** @return in the order of the document */
    public List<PageSize> pages() {
        return pages;
    }

    /** @param page 0 first */
    public Pixels draw(int page) {
        PageSize size = pages.get(page);
        return with(file, document -> {
            PDFRenderer renderer = new PDFRenderer(document);
            renderer.setSubsamplingAllowed(true);
            BufferedImage drawn = renderer.renderImage(page, size.scale(), ImageType.ARGB);
            BufferedImage image = new BufferedImage(size.width(), size.height(), BufferedImage.TYPE_INT_ARGB);
            image.createGraphics().drawImage(drawn, 0, 0, java.awt.Color.WHITE, null);
            return Pixels.wrap(
                    size.width(),
                    size.height(),
                    ((DataBufferInt) image.getRaster().getDataBuffer()).getData());
        });
    }

    /** @param page 0 first */
    public String text(int page) {
        return text(page + 1, page + 1);
    }

    /** @return the text of all pages, in their order */
    public String text() {
        return text(1, pages.size());
    }

    private String text(int from, int to) {
        return with(file, document -> {
            PDFTextStripper stripper = new PDFTextStripper();
            stripper.setSortByPosition(true);
            stripper.setStartPage(from);
            stripper.setEndPage(to);
            String text = stripper.getText(document);
            return text.substring(0, Math.min(text.length(), MOST_TEXT * (to - from + 1)));
        });
    }

    /** @return what its text is set in, of the fonts that it brings along */
    public List<NamedFonts.SetText> setIn() {
        return with(file, PdfFonts::of);
    }

    /**
     * @param page 0 first
     * @return colours of filled and stroked paths, in the order in which they are painted
     */
    public Set<Rgb> paints(int page) {
        return with(file, document -> PagePaints.of(document.getPage(page)));
    }
}
