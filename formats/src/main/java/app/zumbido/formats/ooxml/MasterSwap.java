package app.zumbido.formats.ooxml;

import app.zumbido.formats.archive.Archive;
import app.zumbido.formats.archive.PartTree;
import app.zumbido.formats.archive.PartTree.Node;
import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.image.UnreadableImageException.Reason;
import app.zumbido.formats.ooxml.OfficePackage.Relation;
import app.zumbido.formats.uses.PartEdits;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Puts the pages of a presentation on the master of a template instead of their own. Masters, layouts and whatever else nobody
 * refers to any more go. Source: ECMA-376 Part 1, 13.3.
 */
final class MasterSwap {
    private static final String MASTER = "slideMaster";
    private static final String LAYOUT = "slideLayout";
    private static final String THEME = "theme";

    private static final long FIRST_ID = 2_147_483_648L;

    private final OfficePackage parts;
    private final String main;
    private final Deck deck;
    private final PartEdits edits;
    private final NewParts added;
    private final Set<String> replaced;
    private final boolean first;
    private final Set<String> moved = new HashSet<>();

    /** @param kept parts of masters that stay */
    MasterSwap(OfficePackage parts, String main, Set<String> kept) {
        this.parts = parts;
        this.main = main;
        this.deck = new Deck(parts, main);
        this.edits = new PartEdits(parts::part);
        this.added = new NewParts(parts, edits);
        List<String> masters = List.copyOf(deck.masters().keySet());
        this.replaced = new HashSet<>(masters);
        replaced.removeAll(kept);
        this.first = !masters.isEmpty() && replaced.contains(masters.get(0));
    }

    /** @param changed parts that changed or are new @param gone parts that nobody refers to any more */
    record Swapped(Map<String, byte[]> changed, Set<String> gone) {}

    /** @param archive the file @param template of our own */
    Swapped with(Archive archive, Archive template) {
        if (replaced.isEmpty()) {
            return new Swapped(Map.of(), Set.of());
        }
        TemplateParts coming = TemplateParts.of(template, Set.copyOf(archive.names()));
        long id = firstFreeId();
        coming.addTo(added, deck.frames().height() / coming.height(), id + 1);
        name(id, added.relate(main, MASTER, coming.masterPart()));
        for (String slide : deck.slides()) {
            DeckSheet sheet = deck.slide(slide);
            if (moves(sheet)) {
                moved.add(slide);
                LayoutChoice choice = LayoutChoice.of(sheet, coming.layouts(), deck.frames());
                point(slide, LAYOUT, coming.nameOf(choice.layout()));
                new SlideMove(sheet, choice, deck.frames(), edits).write();
            }
        }
        cutRelations();
        if (first) {
            coming.themePart().ifPresent(theme -> point(main, THEME, theme));
        }
        Set<String> gone = gone();
        cutTypes(gone);
        return new Swapped(added.changed(), gone);
    }

    private boolean moves(DeckSheet slide) {
        return slide.parent()
                .flatMap(DeckSheet::parent)
                .map(DeckSheet::part)
                .filter(replaced::contains)
                .isPresent();
    }

    /** Masters and layouts are numbered together. Source: ECMA-376 Part 1, 19.7.6 and 19.7.7. */
    private long firstFreeId() {
        Stream<Node> layouts = deck.masters().keySet().stream()
                .flatMap(master -> PartTree.read(master, parts.part(master)).child("sldLayoutIdLst").stream())
                .flatMap(list -> list.children("sldLayoutId"));
        return Stream.concat(deck.masters().values().stream(), layouts)
                        .flatMap(node -> node.tag().attributes().stream())
                        .filter(attribute -> attribute.qualifiedName().equals("id"))
                        .flatMap(attribute -> Percent.number(attribute.value()).stream())
                        .mapToLong(Double::longValue)
                        .reduce(FIRST_ID - 1, Math::max)
                + 1;
    }

    /** The new master stands where the first that goes stood. */
    private void name(long id, String reference) {
        PartEdits.Part presentation = edits.part(main);
        boolean placed = false;
        for (Map.Entry<String, Node> entry : deck.masters().entrySet()) {
            if (!replaced.contains(entry.getKey())) {
                continue;
            }
            if (placed) {
                Elements.cut(entry.getValue().tag(), presentation);
                continue;
            }
            placed = true;
            entry.getValue().tag().attributes().forEach(attribute -> {
                boolean isId = attribute.qualifiedName().equals("id");
                if (isId || attribute.name().equals("id")) {
                    entry.getValue()
                            .tag()
                            .spot(attribute)
                            .ifPresent(spot -> presentation
                                    .splices()
                                    .put(spot.from(), spot.to(), isId ? String.valueOf(id) : reference));
                }
            });
        }
    }

    /** Leads a relation of a part to another target. */
    private void point(String part, String kind, String target) {
        relations(part)
                .filter(relation -> kind(relation).equals(kind))
                .findFirst()
                .map(relation -> relation.tag().spot("Target").orElseThrow(() -> cannotBeChanged(part)))
                .ifPresent(spot -> edits.part(spot.part()).splices().put(spot.from(), spot.to(), "/" + target));
    }

    private Stream<Node> relations(String part) {
        String list = NewParts.relationsOf(part);
        return PartTree.read(list, parts.part(list)).children("Relationship");
    }

    private static String kind(Node relation) {
        String type = relation.attribute("Type").orElse("");
        return type.substring(type.lastIndexOf('/') + 1);
    }

    private void cutRelations() {
        Map<String, String> targets = parts.byId(main);
        relations(main)
                .filter(relation -> kind(relation).equals(MASTER))
                .filter(relation -> relation.attribute("Id")
                        .map(targets::get)
                        .filter(replaced::contains)
                        .isPresent())
                .forEach(relation -> cut(relation, NewParts.relationsOf(main)));
    }

    private void cut(Node node, String part) {
        if (node.tag().from() < 0) {
            throw cannotBeChanged(part);
        }
        Elements.cut(node.tag(), edits.part(part));
    }

    /** It comes from an entity, so that it stands nowhere in the part. */
    private static UnreadableImageException cannotBeChanged(String part) {
        return new UnreadableImageException(
                Reason.BROKEN,
                "The master cannot be replaced: " + part + " is written in a way that cannot be changed");
    }

    private Set<String> gone() {
        Set<String> gone = new HashSet<>(Reach.from(OfficePackage.ROOT, parts));
        gone.removeAll(Reach.from(OfficePackage.ROOT, this::targetsFromNow));
        gone.remove(OfficePackage.ROOT);
        for (String part : List.copyOf(gone)) {
            gone.add(NewParts.relationsOf(part));
        }
        return gone;
    }

    private List<String> targetsFromNow(String part) {
        return parts.relations(part).stream()
                .filter(relation -> !(moved.contains(part) && relation.type().equals(LAYOUT)))
                .filter(relation -> !(part.equals(main) && leads(relation)))
                .map(Relation::target)
                .filter(parts::has)
                .toList();
    }

    private boolean leads(Relation relation) {
        return relation.type().equals(MASTER) && replaced.contains(relation.target())
                || first && relation.type().equals(THEME);
    }

    private void cutTypes(Set<String> gone) {
        PartTree.read(NewParts.TYPES, parts.part(NewParts.TYPES))
                .children("Override")
                .filter(entry -> entry.attribute("PartName")
                        .map(name -> name.substring(1))
                        .filter(gone::contains)
                        .isPresent())
                .forEach(entry -> cut(entry, NewParts.TYPES));
    }
}
