package app.zumbido.formats.ooxml;

import app.zumbido.core.inspect.Spot;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.archive.PartTree;
import app.zumbido.formats.archive.PartTree.Node;
import app.zumbido.formats.archive.RawTag;
import app.zumbido.formats.delivery.Xml;
import app.zumbido.formats.uses.Changes.NewTheme;
import app.zumbido.formats.uses.PartEdits;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Writes colours and fonts into the theme of a file that exists; fills, lines and whatever else stands in it stay. Source:
 * ECMA-376 Part 1, 20.1.6.
 */
final class ThemeSplice {
    /** What pages stand on when the dark slots are the ground. Source: ECMA-376 Part 1, 19.3.1.6 (clrMap). */
    private static final Map<String, String> DARK = Map.of("bg1", "dk1", "tx1", "lt1", "bg2", "dk2", "tx2", "lt2");

    private static final Map<String, String> LIGHT = Map.of("bg1", "lt1", "tx1", "dk1", "bg2", "lt2", "tx2", "dk2");

    private ThemeSplice() {}

    static void put(String part, NewTheme theme, PartEdits edits, byte[] content) {
        Node root = PartTree.read(part, content);
        PartEdits.Part changing = edits.part(part);
        root.child("themeElements").ifPresent(elements -> {
            elements.child("clrScheme").ifPresent(scheme -> {
                value(scheme, "name", theme.name(), changing);
                scheme.children().forEach(slot -> color(slot, theme, changing));
            });
            elements.child("fontScheme").ifPresent(scheme -> {
                value(scheme, "name", theme.name(), changing);
                typeface(scheme, "majorFont", theme.fonts().heading().name(), changing);
                typeface(scheme, "minorFont", theme.fonts().body().name(), changing);
            });
        });
    }

    private static void typeface(Node scheme, String font, String family, PartEdits.Part part) {
        scheme.at(font, "latin").ifPresent(latin -> value(latin, "typeface", family, part));
    }

    private static void value(Node node, String attribute, String value, PartEdits.Part part) {
        node.tag().spot(attribute).ifPresent(spot -> part.splices().put(spot.from(), spot.to(), Xml.text(value)));
    }

    private static void color(Node slot, NewTheme theme, PartEdits.Part part) {
        Optional<String> wanted = ThemeSlot.ofCode(slot.name())
                .flatMap(code -> Optional.ofNullable(theme.colors().get(code)))
                .map(color -> color.digits());
        if (wanted.isEmpty() || slot.tag().from() < 0) {
            return;
        }
        RawTag tag = RawTag.at(part.text(), slot.tag().from());
        if (!tag.empty()) {
            part.splices()
                    .put(
                            tag.to(),
                            tag.closing(part.text()).from(),
                            "<" + tag.prefix() + "srgbClr val=\"" + wanted.get() + "\"/>");
        }
    }

    /** @param master part whose pages are to stand on the dark slots, or on the light ones */
    static void turn(String master, boolean dark, PartEdits edits, byte[] content) {
        Map<String, String> usual = dark ? LIGHT : DARK;
        Map<String, String> wanted = dark ? DARK : LIGHT;
        Node root = PartTree.read(master, content);
        if (isMapped(root, usual)) {
            Node map = root.child("clrMap").orElseThrow();
            for (String name : List.copyOf(wanted.keySet())) {
                Optional<Spot> spot = map.tag().spot(name);
                spot.ifPresent(at -> edits.part(master).splices().put(at.from(), at.to(), wanted.get(name)));
            }
        }
    }

    /** Whether the pages of a master stand on the dark slots. @param master first element of its part */
    static boolean isDark(Node master) {
        return isMapped(master, DARK);
    }

    private static boolean isMapped(Node master, Map<String, String> wanted) {
        return master.child("clrMap")
                .filter(map -> wanted.entrySet().stream()
                        .allMatch(entry -> map.attribute(entry.getKey())
                                .filter(entry.getValue()::equals)
                                .isPresent()))
                .isPresent();
    }
}
