package app.zumbido.server.source;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.extraction.Extraction;
import app.zumbido.core.extraction.Reading;
import app.zumbido.core.image.Pixels;
import app.zumbido.formats.image.BitmapFile;
import app.zumbido.formats.logos.LogoDrawing;
import app.zumbido.formats.ooxml.DrawnPage;
import app.zumbido.server.storage.BlobStore;
import app.zumbido.server.workshop.HeapShare;
import app.zumbido.server.workshop.Workshop;
import app.zumbido.server.workshop.WorkshopException;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/** Decoded pictures and what they propose, made when asked for and kept for a while; a large one is decoded alone. */
@Component
class Pictures {
    /** One picture at the limit, or many ordinary ones, where there is so much memory. */
    private static final long MOST_PIXELS = Math.min(BitmapFile.MOST_PIXELS, HeapShare.bytes(0.12) / Integer.BYTES);

    private static final long MOST_EXTRACTIONS = 64;
    /** Of what pages say; characters. */
    private static final long MOST_SAID = 1_000_000;
    /** What a slide with its pictures takes while it is drawn, by and large. */
    private static final long DRAWN_PIXELS = 8_000_000;

    private final BlobStore blobs;
    private final DecodeGate gate;
    private final Workshop workshop;
    /** Whole pictures and pages; who waits for one waits for no other. */
    private final Cache<Part, Pixels> decoded = Caffeine.newBuilder()
            .maximumWeight(MOST_PIXELS)
            .<Part, Pixels>weigher((part, pixels) -> (int) Math.min(MOST_PIXELS, pixels.count()))
            .build();

    private final Cache<Key, Extraction> extractions =
            Caffeine.newBuilder().maximumSize(MOST_EXTRACTIONS).build();
    private final Cache<Part, Map<Rgb, String>> names =
            Caffeine.newBuilder().maximumSize(MOST_EXTRACTIONS).build();

    private final Cache<Part, PageSays> said = Caffeine.newBuilder()
            .maximumWeight(MOST_SAID)
            .<Part, PageSays>weigher((part, says) -> says.text().length() + says.packed().length)
            .build();

    /** Where a picture is kept: its file, the page in it, and what is cut out of that. */
    private record Part(String blob, int page, Optional<Rectangle> crop) {
        static Part whole(SourceRow row) {
            return new Part(row.blob(), row.part(), Optional.empty());
        }

        static Part of(SourceRow row) {
            return new Part(row.blob(), row.part(), Rectangle.of(row));
        }
    }

    /** A part of a picture, in pixels of the whole. */
    private record Rectangle(int x, int y, int width, int height) {
        static Optional<Rectangle> of(SourceRow row) {
            Integer x = row.cropX();
            Integer y = row.cropY();
            Integer width = row.width();
            Integer height = row.height();
            return x == null || y == null || width == null || height == null
                    ? Optional.empty()
                    : Optional.of(new Rectangle(x, y, width, height));
        }
    }

    private record Key(Part part, Optional<Reading> reading) {}

    Pictures(BlobStore blobs, DecodeGate gate, Workshop workshop) {
        this.workshop = workshop;
        this.blobs = blobs;
        this.gate = gate;
    }

    /** A part that is cut out is a view of the whole and costs nothing. */
    Pixels pixels(SourceRow row) {
        requirePicture(row);
        boolean waits = decoded.getIfPresent(Part.whole(row)) == null && !SourceFile.isDrawnKind(row.kind());
        return waits ? with(row, Function.identity()) : seen(row);
    }

    /** Does what takes as much memory as the picture itself while it lasts; others that do the same wait. */
    <T> T with(SourceRow row, Function<Pixels, T> use) {
        requirePicture(row);
        return gate.pass(count(row), () -> use.apply(seen(row)));
    }

    private long count(SourceRow row) {
        Integer width = row.width();
        Integer height = row.height();
        if (row.isCrop() || width == null || height == null) {
            SourceFile.Picture whole = file(row);
            return (long) whole.width() * whole.height();
        }
        return (long) width * height;
    }

    /** The turn comes before the cache and never after it, so that nobody waits for somebody who waits for them. */
    private Pixels seen(SourceRow row) {
        Pixels whole = decoded.get(Part.whole(row), part -> decode(blobs.get(row.blob()), row.part()));
        return Rectangle.of(row)
                .map(part -> whole.crop(part.x(), part.y(), part.width(), part.height()))
                .orElse(whole);
    }

    /**
     * Decodes a file that has just come in, and remembers it for the questions that follow at once. What is drawn is opened
     * here only afterwards.
     *
     * @param blob under which its file is going to be kept
     * @throws app.zumbido.formats.image.UnreadableImageException if it is damaged
     * @throws app.zumbido.server.workshop.WorkshopException if drawing it takes too much
     */
    void check(byte[] content, String blob) {
        Part part = new Part(blob, 0, Optional.empty());
        if (SourceFile.isDrawn(content)) {
            decoded.put(part, decode(content, 0));
        } else {
            BitmapFile.Facts facts = BitmapFile.inspect(content);
            decoded.put(part, gate.pass((long) facts.width() * facts.height(), () -> decode(content, 0)));
        }
    }

    /** @throws WrongKindOfSourceException if the file shows none */
    private SourceFile.Picture file(SourceRow row) {
        requirePicture(row);
        return picture(blobs.get(row.blob()), row.part());
    }

    /** The same with what it says, which is read beforehand: nobody waits meanwhile for the memory of a picture. */
    private SourceFile.Picture read(SourceRow row) {
        SourceFile.Picture file = file(row);
        if (file instanceof SourceFile.Page page) {
            PageSays says = said.get(Part.whole(row), part -> says(blobs.get(row.blob()), row.part()));
            return page.readBy(() -> says);
        }
        return file;
    }

    /** A page that says more than can be read is seen all the same. */
    private PageSays says(byte[] content, int part) {
        try {
            return workshop.run(new ReadPage(content, part));
        } catch (WorkshopException e) {
            if (e.isOfTheFile()) {
                return PageSays.NOTHING;
            }
            throw e;
        }
    }

    private static void requirePicture(SourceRow row) {
        if (!row.hasPicture()) {
            throw new WrongKindOfSourceException(row.name() + " shows no picture; its colours are listed");
        }
    }

    private static SourceFile.Picture picture(byte[] content, int part) {
        if (SourceFile.allOf(content).get(part) instanceof SourceFile.Picture picture) {
            return picture;
        }
        throw new IllegalStateException("A file was kept as a picture and is none");
    }

    /** @param part 0 first; the only one of a picture */
    private Pixels decode(byte[] content, int part) {
        return SourceFile.isDrawn(content)
                ? workshop.run(new DrawnPart(content, part)).pixels()
                : BitmapFile.decode(content);
    }

    /** Looks at a whole file that has come in. */
    <T> T holding(byte[] file, Supplier<T> work) {
        return gate.holding(file, work);
    }

    /** Draws something that takes as much memory as a picture of a few megapixels. */
    <T> T drawn(Supplier<T> draw) {
        return gate.pass(DRAWN_PIXELS, draw);
    }

    /** @param reading nothing: the machine decides */
    Extraction extraction(SourceRow row, Optional<Reading> reading) {
        requirePicture(row);
        return extractions.get(new Key(Part.of(row), reading), key -> {
            SourceFile.Picture file = read(row);
            return with(row, pixels -> file.extract(pixels, reading));
        });
    }

    /** @return names that the file itself gives to colours */
    Map<Rgb, String> names(SourceRow row) {
        return names.get(Part.of(row), part -> {
            SourceFile.Picture file = read(row);
            if (!(file instanceof SourceFile.Bitmap)) {
                // What cannot be drawn in time is not read through either.
                pixels(row);
            }
            return file.names();
        });
    }

    /** @return the slide as its deck is; nothing if there is none of that number @param slide 0 for the first */
    Optional<DrawnPage> slide(byte[] deck, int slide) {
        return workshop.run(new DrawnSlide(deck, slide)).stream().findFirst();
    }

    /** @return the painted shapes of a drawing; nothing of what is made of pixels */
    Optional<LogoDrawing> shapes(SourceRow row) {
        if (file(row) instanceof SourceFile.Drawing drawing) {
            // One that cannot be drawn in time is not walked through either.
            pixels(row);
            return Optional.of(LogoDrawing.of(drawing.svg()));
        }
        return Optional.empty();
    }
}
