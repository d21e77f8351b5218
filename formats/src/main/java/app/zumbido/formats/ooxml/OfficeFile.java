package app.zumbido.formats.ooxml;

import app.zumbido.core.inspect.FoundTheme;
import app.zumbido.core.inspect.Inventory;
import app.zumbido.formats.archive.Archive;
import app.zumbido.formats.archive.PartXml;
import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.image.UnreadableImageException.Reason;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;

/**
 * Theme and colours of an existing presentation, document or workbook.
 *
 * @param kind as in {@code pptx}, of templates too
 */
public record OfficeInventory(String kind, Inventory inventory) {
    private static final String DECK = "pptx";
    private static final String DOCUMENT = "docx";
    private static final String WORKBOOK = "xlsx";

    /** By the name of the first element of the main part. Source: ECMA-376 Part 1, 17.2.3, 18.2.27, 19.2.1.26. */
    private static final Map<String, String> KINDS =
            Map.of("presentation", DECK, "document", DOCUMENT, "workbook", WORKBOOK);

    /** Whether the zip is an office file at all. */
    public static boolean isOffice(Archive archive) {
        return archive.get("[Content_Types].xml").isPresent();
    }

    /** @throws UnreadableImageException if it is damaged or none of the three kinds */
    public static OfficeInventory read(Archive archive, byte[] file) {
        OfficePackage parts = new OfficePackage(archive);
        String main = parts.main();
        String kind = KINDS.get(root(parts.part(main)));
        if (kind == null) {
            throw new UnreadableImageException(
                    Reason.UNKNOWN_KIND, "The file is no presentation, document or workbook");
        }
        Optional<FoundTheme> theme = theme(parts, kind, main);
        Inventory.Tally tally = new Inventory.Tally();
        boolean counted = true;
        switch (kind) {
            case DECK -> counted = new DeckUses(tally, theme).count(file);
            case DOCUMENT -> new DocumentUses(tally, theme).count(parts, main);
            default -> new WorkbookUses(tally, theme).count(parts, main);
        }
        return new OfficeInventory(kind, tally.inventory(theme, counted));
    }

    private static String root(byte[] part) {
        AtomicReference<String> root = new AtomicReference<>();
        PartXml.read(part, (name, element) -> root.compareAndSet(null, name));
        return root.get();
    }

    /** A deck's theme hangs on its first master. */
    private static Optional<FoundTheme> theme(OfficePackage parts, String kind, String main) {
        String holder = kind.equals(DECK) ? firstMaster(parts, main).orElse(main) : main;
        List<String> themes = parts.targets(holder, "theme");
        return themes.stream().findFirst().map(parts::part).map(ThemeReader::read);
    }

    private static Optional<String> firstMaster(OfficePackage parts, String main) {
        AtomicReference<String> id = new AtomicReference<>();
        PartXml.read(parts.part(main), (name, element) -> {
            if (name.equals("sldMasterId")) {
                for (int i = 0; i < element.getAttributeCount(); i++) {
                    // Its own number is called id as well, but in no namespace.
                    if (element.getAttributeLocalName(i).equals("id") && element.getAttributeNamespace(i) != null) {
                        id.compareAndSet(null, element.getAttributeValue(i));
                    }
                }
            }
        });
        return parts.relations(main).stream()
                .filter(relation -> relation.id().equals(id.get()))
                .map(OfficePackage.Relation::target)
                .findFirst();
    }
}
