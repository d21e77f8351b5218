package app.zumbido.server.source;

import app.zumbido.core.color.CodeScanner;
import app.zumbido.core.color.Difference;
import app.zumbido.core.color.FoundCode;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.extraction.Extraction;
import app.zumbido.core.extraction.Reading;
import app.zumbido.core.image.Pixels;
import app.zumbido.core.inspect.Inventory;
import app.zumbido.formats.image.BitmapFile;
import app.zumbido.formats.listing.ListedFile;
import app.zumbido.formats.pdf.PdfFile;
import app.zumbido.formats.press.CoatedPress;
import app.zumbido.formats.svg.SvgFile;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** A file of any kind that colours are read from. */
sealed interface SourceFile {
    /** @return the format, as in {@code png} */
    String kind();

    /** A file that shows its colours. */
    sealed interface Picture extends SourceFile {
        /** @return in pixels, upright */
        int width();

        /** @return in pixels, upright */
        int height();

        /** @return upright sRGB samples */
        Pixels decode();

        /** @param reading nothing: the machine decides */
        default Extraction extract(Pixels pixels, Optional<Reading> reading) {
            return reading.map(as -> Extraction.from(pixels, as)).orElseGet(() -> Extraction.from(pixels));
        }

        /** @return names that the file itself gives to colours */
        default Map<Rgb, String> names() {
            return Map.of();
        }
    }

    /** A file that lists its colours. */
    record Listing(String kind, Inventory inventory) implements SourceFile {}

    /**
     * Tells the kind by what is in the file and checks it without decoding.
     *
     * @return the picture, or every page of a document, or what the file lists
     * @throws app.zumbido.formats.image.UnreadableImageException if nothing can be read in it
     */
    static List<SourceFile> allOf(byte[] file) {
        if (PdfFile.isPdf(file)) {
            PdfFile pdf = PdfFile.read(file);
            return IntStream.range(0, pdf.pages().size())
                    .mapToObj(page -> (SourceFile) new Page(pdf, page, () -> ReadPage.of(pdf, page)))
                    .toList();
        }
        if (SvgFile.isSvg(file)) {
            return List.of(new Drawing(SvgFile.read(file)));
        }
        return List.of(ListedFile.read(file)
                .<SourceFile>map(listed -> new Listing(listed.kind(), listed.inventory()))
                .orElseGet(() -> new Bitmap(file, BitmapFile.inspect(file))));
    }

    /** Whether it becomes a picture only by being drawn, which takes as long as whoever made it wants. */
    static boolean isDrawn(byte[] file) {
        return PdfFile.isPdf(file) || SvgFile.isSvg(file);
    }

    /** The same of what has been kept. @param kind as {@link #kind} says it */
    static boolean isDrawnKind(String kind) {
        return kind.equals("pdf") || kind.equals("svg");
    }

    private static List<FoundCode> codesIn(String text) {
        return CodeScanner.scan(text, CoatedPress.instance()).stream()
                .filter(code -> !code.ambiguous())
                .toList();
    }

    private static Map<Rgb, String> namesOf(List<FoundCode> codes) {
        Map<Rgb, String> names = new LinkedHashMap<>();
        codes.forEach(code -> code.name().ifPresent(name -> names.putIfAbsent(code.color(), name)));
        return names;
    }

    record Bitmap(byte[] file, BitmapFile.Facts facts) implements Picture {
        @Override
        public String kind() {
            return facts.kind().code();
        }

        @Override
        public int width() {
            return facts.width();
        }

        @Override
        public int height() {
            return facts.height();
        }

        @Override
        public Pixels decode() {
            return BitmapFile.decode(file);
        }
    }

    /**
     * One page of a manual.
     *
     * @param page 0 first
     * @param read how what it says is read, when it is asked
     */
    record Page(PdfFile pdf, int page, Supplier<PageSays> read) implements Picture {
        /** A painted colour so near to a code on the page is that code, as its profile makes it; ΔE00. */
        private static final double SAME = 5;
        /** Paper and one more colour may be a frame around a scan, and then only what can be seen counts. */
        private static final int LEAST_PAINTS = 2;
        /** No manual gives so many on a page. */
        private static final int MOST_CODES = 1_000;
        /** What the pages are drawn on. */
        private static final Rgb PAPER = Rgb.WHITE;

        @Override
        public String kind() {
            return "pdf";
        }

        @Override
        public int width() {
            return pdf.pages().get(page).width();
        }

        @Override
        public int height() {
            return pdf.pages().get(page).height();
        }

        @Override
        public Pixels decode() {
            return pdf.draw(page);
        }

        Page readBy(Supplier<PageSays> other) {
            return new Page(pdf, page, other);
        }

        /** The codes in the text of the page, and what its paths are painted with. */
        @Override
        public Extraction extract(Pixels pixels, Optional<Reading> reading) {
            if (reading.isPresent()) {
                return Picture.super.extract(pixels, reading);
            }
            PageSays says = read.get();
            Set<Rgb> codes = codesIn(says.text()).stream()
                    .map(FoundCode::color)
                    .distinct()
                    .limit(MOST_CODES)
                    .collect(Collectors.toCollection(LinkedHashSet::new));
            Set<Rgb> paints = new LinkedHashSet<>(says.paints());
            paints.removeIf(paint -> codes.stream().anyMatch(code -> Difference.between(code, paint) <= SAME));
            paints.add(PAPER);
            boolean saysItself = !codes.isEmpty() || paints.size() > LEAST_PAINTS;
            return saysItself ? Extraction.among(pixels, paints, codes) : Picture.super.extract(pixels, reading);
        }

        @Override
        public Map<Rgb, String> names() {
            return namesOf(codesIn(read.get().text()));
        }
    }

    record Drawing(SvgFile svg) implements Picture {
        @Override
        public String kind() {
            return "svg";
        }

        @Override
        public int width() {
            return svg.width();
        }

        @Override
        public int height() {
            return svg.height();
        }

        @Override
        public Pixels decode() {
            return svg.draw();
        }

        /** Chips are drawn with their names and codes beneath. */
        @Override
        public Map<Rgb, String> names() {
            return namesOf(codesIn(svg.text()));
        }

        /** A drawing says itself what colours it is made of, unless somebody wants it read as a photograph. */
        @Override
        public Extraction extract(Pixels pixels, Optional<Reading> reading) {
            boolean asArtwork = reading.orElse(Reading.ARTWORK) == Reading.ARTWORK;
            Extraction own = Extraction.among(pixels, svg.fills(), svg.stops());
            return asArtwork && !own.proposals().isEmpty() ? own : Picture.super.extract(pixels, reading);
        }
    }
}
