package app.zumbido.core.inspect;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.theme.ThemeSlot;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Everything that a walk through a finished file found. */
public final class Findings {
    private final String kind;
    private final Map<ThemeSlot, Rgb> slots;
    private final List<FoundPage> pages;
    private final List<Use> uses;
    private final List<FoundPicture> pictures;
    private final List<FoundChart> charts;
    private final Map<String, List<Use>> byPart;
    private final Map<Integer, List<Use>> byPage;

    /**
     * @param kind as in {@code pptx}
     * @param slots what the slots of its theme hold; empty of a file without one
     */
    public Findings(
            String kind,
            Map<ThemeSlot, Rgb> slots,
            List<FoundPage> pages,
            List<Use> uses,
            List<FoundPicture> pictures,
            List<FoundChart> charts) {
        this.kind = kind;
        this.slots = Map.copyOf(slots);
        this.pages = List.copyOf(pages);
        this.uses = List.copyOf(uses);
        this.pictures = List.copyOf(pictures);
        this.charts = List.copyOf(charts);
        this.byPart =
                uses.stream().collect(Collectors.groupingBy(use -> use.place().part()));
        this.byPage = uses.stream()
                .filter(use -> use.place().page().isPresent())
                .collect(Collectors.groupingBy(use -> use.place().page().getAsInt()));
    }

    /** @return as in {@code pptx} */
    public String kind() {
        return kind;
    }

    public Map<ThemeSlot, Rgb> slots() {
        return slots;
    }

    public List<FoundPage> pages() {
        return pages;
    }

    public List<Use> uses() {
        return uses;
    }

    public List<FoundPicture> pictures() {
        return pictures;
    }

    public List<FoundChart> charts() {
        return charts;
    }

    /** Whether it is a presentation, whose pages are looked at from afar. */
    public boolean isDeck() {
        return kind.equals("pptx") || kind.equals("odp");
    }

    public boolean isWorkbook() {
        return kind.equals("xlsx") || kind.equals("ods");
    }

    /** Whether most of its pages stand on the dark slots of its theme. */
    public boolean isOnDarkSlots() {
        return 2 * pages.stream().filter(FoundPage::onDarkSlots).count() > pages.size();
    }

    /** @return what belongs to the page itself and not to what lies behind it */
    public List<Use> own(FoundPage page) {
        return page.part().isEmpty()
                ? byPage.getOrDefault(page.number(), List.of())
                : byPart.getOrDefault(page.part(), List.of());
    }

    /** @return the uses that are seen on a page, with those of layout and master */
    public List<Use> on(FoundPage page) {
        List<Use> seen = new ArrayList<>();
        page.drawn().forEach(part -> seen.addAll(byPart.getOrDefault(part, List.of())));
        byPage.getOrDefault(page.number(), List.of()).stream()
                .filter(use -> !page.drawn().contains(use.place().part()))
                .forEach(seen::add);
        return seen;
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
