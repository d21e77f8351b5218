package app.zumbido.formats.ooxml;

import app.zumbido.core.inspect.FoundPage;
import app.zumbido.core.inspect.Uses;
import app.zumbido.formats.archive.PartTree.Node;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Walks through the colours of a deck slide by slide, as they are seen, whatever layout, master or theme they come from.
 * What layouts and masters draw themselves is told once, with the first slide that shows it.
 */
final class DeckUses {
    private final Deck deck;
    private final Uses uses;
    private final Map<String, Node> tableStyles;
    private final Optional<Node> defaultText;
    /** A chart hangs on one slide; each is read once, whatever a damaged file says. So are layouts and masters. */
    private final Set<String> told = new HashSet<>();

    DeckUses(Deck deck, Uses uses) {
        this.deck = deck;
        this.uses = uses;
        this.tableStyles = deck.tableStyles();
        this.defaultText = deck.defaultText();
    }

    void walk() {
        try (ReadAhead<DeckSheet> slides = new ReadAhead<>(deck.slides(), deck::slide)) {
            for (int number = 1; slides.hasNext(); number++) {
                DeckSheet slide = slides.next();
                uses.page(page(number, slide));
                new DeckPage(number, slide, this).uses().forEach(uses::use);
            }
        }
    }

    private static FoundPage page(int number, DeckSheet slide) {
        List<String> drawn = new ArrayList<>(List.of(slide.part()));
        slide.behindIt().forEach(sheet -> drawn.add(sheet.part()));
        return new FoundPage(
                number,
                slide.part(),
                slide.parent().map(DeckSheet::part).orElse(""),
                slide.parent().flatMap(DeckSheet::parent).map(DeckSheet::part).orElse(""),
                drawn,
                ThemeSplice.isDark(slide.master().root()),
                slide.hidesBehind() ? slide.root().tag().spot(DeckSheet.SHOWS_BEHIND) : Optional.empty());
    }

    Deck deck() {
        return deck;
    }

    /** @return for what pages find besides colours */
    Uses sink() {
        return uses;
    }

    Optional<Node> tableStyle(String id) {
        return Optional.ofNullable(tableStyles.get(id));
    }

    Optional<Node> defaultText() {
        return defaultText;
    }

    /** @return whether the part is told for the first time */
    boolean tellsFirst(String part) {
        return told.add(part);
    }
}
