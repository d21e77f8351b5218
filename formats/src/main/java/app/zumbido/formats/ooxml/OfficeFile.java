package app.zumbido.formats.ooxml;

import app.zumbido.core.inspect.FoundTheme;
import app.zumbido.core.inspect.Uses;
import app.zumbido.formats.archive.Archive;
import app.zumbido.formats.archive.PartXml;
import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.image.UnreadableImageException.Reason;
import app.zumbido.formats.uses.Changes;
import app.zumbido.formats.uses.MendableFile;
import java.io.IOException;
import java.io.OutputStream;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.atomic.AtomicReference;

/** An existing presentation, document or workbook, in either form of the standard. */
public final class OfficeFile implements MendableFile {
    private static final String DECK = "pptx";
    private static final String DOCUMENT = "docx";
    private static final String WORKBOOK = "xlsx";

    /** By the name of the first element of the main part. Source: ECMA-376 Part 1, 17.2.3, 18.2.27, 19.2.1.26. */
    private static final Map<String, String> KINDS =
            Map.of("presentation", DECK, "document", DOCUMENT, "workbook", WORKBOOK);

    private final Archive archive;
    private final OfficePackage parts;
    private final String main;
    private final String kind;
    private final Optional<FoundTheme> theme;

    private OfficeFile(Archive archive, OfficePackage parts, String main, String kind) {
        this.archive = archive;
        this.parts = parts;
        this.main = main;
        this.kind = kind;
        this.theme = readTheme();
    }

    /** Whether the zip is an office file at all. */
    public static boolean isOffice(Archive archive) {
        return archive.has("[Content_Types].xml");
    }

    /**
     * @param archive is closed with the file
     * @throws UnreadableImageException if it is damaged or none of the three kinds
     */
    public static OfficeFile of(Archive archive) {
        OfficePackage parts = new OfficePackage(archive);
        String main = parts.main();
        String kind = KINDS.get(root(main, parts.part(main)));
        if (kind == null) {
            throw new UnreadableImageException(
                    Reason.UNKNOWN_KIND, "The file is no presentation, document or workbook");
        }
        return new OfficeFile(archive, parts, main, kind);
    }

    @Override
    public String kind() {
        return kind;
    }

    @Override
    public Optional<FoundTheme> theme() {
        return theme;
    }

    @Override
    public void walk(Uses uses) {
        switch (kind) {
            case DECK -> new DeckUses(new Deck(parts, main), uses).walk();
            case DOCUMENT -> new DocumentUses(uses, theme, parts, main).walk(main);
            default -> new WorkbookUses(uses, theme, parts, main).walk(main);
        }
    }

    @Override
    public void write(Changes changes, OutputStream out) throws IOException {
        archive.write(new OfficeChanges(parts, main).of(changes), out);
    }

    @Override
    public byte[] part(String name) {
        return parts.part(name);
    }

    /**
     * The pages of a presentation.
     *
     * @param count how many there are
     * @param width in English Metric Units
     * @param masters their parts, with what they are called
     */
    public record Slides(int count, double width, double height, Map<String, String> masters) {}

    /** @return nothing of a file that is no presentation */
    public Optional<Slides> slides() {
        if (!kind.equals(DECK)) {
            return Optional.empty();
        }
        Deck deck = new Deck(parts, main);
        Map<String, String> masters = new LinkedHashMap<>();
        for (String master : parts.targets(main, "slideMaster")) {
            String name = parts.targets(master, "theme").stream()
                    .filter(parts::has)
                    .findFirst()
                    .map(theme -> ThemeReader.read(theme, parts.part(theme)).name())
                    .orElse("");
            masters.put(master, name);
        }
        return Optional.of(new Slides(
                deck.slides().size(), deck.frames().width(), deck.frames().height(), masters));
    }

    /**
     * Puts pages on the master of a template instead of their own.
     *
     * @param template of our own, of slides in the same proportions
     * @param kept parts of masters that stay
     */
    public void writeOnMaster(byte[] template, Set<String> kept, OutputStream out) throws IOException {
        try (Archive coming = Archive.open(template)) {
            MasterSwap.Swapped swapped = new MasterSwap(parts, main, kept).with(archive, coming);
            archive.write(swapped.changed(), swapped.gone(), out);
        }
    }

    /** Whether it is written in the strict form of the standard. */
    public boolean isStrict() {
        return StrictForm.isStrict(archive);
    }

    private static String root(String name, byte[] part) {
        AtomicReference<String> root = new AtomicReference<>();
        PartXml.read(name, part, tag -> root.compareAndSet(null, tag.name()));
        return root.get();
    }

    /** A deck's theme hangs on its first master. */
    private Optional<FoundTheme> readTheme() {
        String holder = kind.equals(DECK) ? firstMaster().orElse(main) : main;
        List<String> themes = parts.targets(holder, "theme");
        return themes.stream().findFirst().map(name -> ThemeReader.read(name, parts.part(name)));
    }

    private Optional<String> firstMaster() {
        AtomicReference<String> id = new AtomicReference<>();
        PartXml.read(main, parts.part(main), tag -> {
            if (tag.name().equals("sldMasterId")) {
                OfficePackage.reference(tag, "id").ifPresent(reference -> id.compareAndSet(null, reference));
            }
        });
        return Optional.ofNullable(parts.byId(main).get(id.get()));
    }

    @Override
    public void close() {
        archive.close();
    }
}
