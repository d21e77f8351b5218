package app.zumbido.core.inspect;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.theme.ThemeSlot;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * Everything that a walk through a finished file found.
 *
 * @param kind as in {@code pptx}
 * @param slots what the slots of its theme hold; empty of a file without one
 */
public record Findings(
        String kind,
        Map<ThemeSlot, Rgb> slots,
        List<FoundPage> pages,
        List<Use> uses,
        List<FoundPicture> pictures,
        List<FoundChart> charts) {
    public Findings {
        slots = Map.copyOf(slots);
        pages = List.copyOf(pages);
        uses = List.copyOf(uses);
        pictures = List.copyOf(pictures);
        charts = List.copyOf(charts);
    }

    /** Whether it is a presentation, whose pages are looked at from afar. */
    public boolean isDeck() {
        return kind.equals("pptx") || kind.equals("odp");
    }

    public boolean isWorkbook() {
        return kind.equals("xlsx") || kind.equals("ods");
    }

    /** Whether something belongs to the page itself and not to what lies behind it. */
    public boolean isOwn(Use use, FoundPage page) {
        return page.part().isEmpty()
                ? use.place().page().equals(OptionalInt.of(page.number()))
                : use.place().part().equals(page.part());
    }

    /** @return the uses that are seen on a page, with those of layout and master */
    public List<Use> on(FoundPage page) {
        return uses.stream()
                .filter(use -> page.drawn().contains(use.place().part())
                        || use.place().page().equals(OptionalInt.of(page.number())))
                .toList();
    }

    /** Collects while a file is walked through. */
    public static class Collector implements Uses {
        private final List<FoundPage> pages = new ArrayList<>();
        private final List<Use> uses = new ArrayList<>();
        private final List<FoundPicture> pictures = new ArrayList<>();
        private final List<FoundChart> charts = new ArrayList<>();

        public Collector() {}

        @Override
        public void use(Use use) {
            uses.add(use);
        }

        @Override
        public void page(FoundPage page) {
            pages.add(page);
        }

        @Override
        public void picture(FoundPicture picture) {
            pictures.add(picture);
        }

        @Override
        public void chart(FoundChart chart) {
            charts.add(chart);
        }

        public Findings findings(String kind, Optional<FoundTheme> theme) {
            return new Findings(kind, theme.map(FoundTheme::colors).orElse(Map.of()), pages, uses, pictures, charts);
        }
    }
}
