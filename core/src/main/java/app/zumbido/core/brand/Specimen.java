package app.zumbido.core.brand;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.roles.Role;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.ThemeSeries;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.theme.TintStep;
import app.zumbido.core.theme.TurnedLayout;
import app.zumbido.core.theme.Unbranded;
import app.zumbido.core.type.FontSet;
import app.zumbido.core.type.Lettering;
import app.zumbido.core.type.TypeRole;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What the specimens are painted from. Empty slots show the unbranded greys.
 *
 * @param ground what its pages stand on
 * @param texts the two text colours, the usual one first
 * @param pages the two grounds, the page itself first
 * @param accents all six in order
 * @param onAccents what is written on each accent, chosen as for the lead
 * @param series six of an ordinary chart: the accents, without a highlight that is kept for last
 * @param turnedLink what links are mapped to on layouts of the other ground, so that they read there
 * @param lead what title slides and buttons stand on: the main colour
 * @param onLead what is written on it: the text or the page colour where one reads, else black or white, of which one does
 * @param besideLead a rule on it: the first accent that is told from it
 * @param tableHead what heads of tables stand on: what has that role, else the lead
 * @param onTableHead what is written on it, chosen as for the lead
 * @param band every second row of tables: what has that role, else the second ground
 * @param onBand what is written on it: the text where it reads, chosen as for the lead
 * @param bullet what is led by on the page itself: the main colour where it is seen there
 * @param turnedBullet the same on a layout of the other ground: the first of the lead and the accents that is seen there
 * @param raised the one series that a chart raises: the highlight, where the brand has one
 * @param onRaised the better of the text and the page colour on it
 * @param quiet the other series beside it
 * @param type how letters are set
 * @param lettered by role of type what it is written in on the page: its own colour where that reads at its size
 */
public record Specimen(
        PageGround ground,
        List<Rgb> texts,
        List<Rgb> pages,
        List<Rgb> accents,
        List<Rgb> onAccents,
        List<Rgb> series,
        Rgb link,
        Rgb followedLink,
        Rgb turnedLink,
        Rgb lead,
        Rgb onLead,
        Rgb besideLead,
        Rgb tableHead,
        Rgb onTableHead,
        Rgb band,
        Rgb onBand,
        Rgb bullet,
        Rgb turnedBullet,
        Rgb raised,
        Rgb onRaised,
        Rgb quiet,
        FontSet type,
        Map<TypeRole, Rgb> lettered) {
    public static Specimen of(Look look) {
        Map<ThemeSlot, Rgb> colors = Unbranded.completing(look.theme(), look.palette());
        PageGround ground = look.theme().ground();
        List<Rgb> texts = ground.texts().stream().map(colors::get).toList();
        List<Rgb> pages = ground.pages().stream().map(colors::get).toList();
        List<Rgb> accents = ThemeSlot.ACCENTS.stream().map(colors::get).toList();
        Rgb raised = raised(look, accents);
        Rgb lead = main(look, accents);
        Rgb tableHead = of(Role.TABLE_HEAD, look).orElse(lead);
        Rgb band = of(Role.BAND, look).orElse(pages.get(1));
        boolean seen = ContrastRatio.between(lead, pages.get(0)).reaches(WcagLevel.GRAPHICS);
        return new Specimen(
                ground,
                texts,
                pages,
                accents,
                accents.stream().map(accent -> written(accent, texts, pages)).toList(),
                ThemeSeries.of(look.theme(), colors),
                colors.get(ThemeSlot.HYPERLINK),
                colors.get(ThemeSlot.FOLLOWED_HYPERLINK),
                TurnedLayout.link(colors, ground.turned()),
                lead,
                written(lead, texts, pages),
                accents.stream()
                        .filter(accent -> Difference.between(accent, lead) >= Difference.TOLD_APART)
                        .findFirst()
                        .orElse(pages.get(0)),
                tableHead,
                written(tableHead, texts, pages),
                band,
                written(band, texts, pages),
                seen ? lead : texts.get(0),
                Stream.concat(Stream.of(lead), accents.stream())
                        .filter(color ->
                                ContrastRatio.between(color, texts.get(0)).reaches(WcagLevel.GRAPHICS))
                        .findFirst()
                        .orElse(pages.get(0)),
                raised,
                better(texts.get(0), pages.get(0), raised),
                quiet(texts.get(1)),
                look.brand().type(),
                lettered(look, texts.get(0), pages.get(0)));
    }

    /** A brand without a main colour leads with its first accent. */
    private static Rgb main(Look look, List<Rgb> accents) {
        return of(Role.MAIN, look).orElse(accents.get(0));
    }

    private static Optional<Rgb> of(Role role, Look look) {
        return look.roles().first(role).map(swatch -> look.palette().get(swatch).color());
    }

    private static Rgb written(Rgb ground, List<Rgb> texts, List<Rgb> pages) {
        Rgb ofTheme = better(texts.get(0), pages.get(0), ground);
        return ContrastRatio.between(ofTheme, ground).reaches(WcagLevel.AA.text()) ? ofTheme : ground.ink();
    }

    private static Map<TypeRole, Rgb> lettered(Look look, Rgb text, Rgb page) {
        Map<TypeRole, Rgb> colors = new EnumMap<>(TypeRole.class);
        look.brand().type().roles().forEach((role, lettering) -> {
            double needed = isLarge(lettering) ? WcagLevel.AA.largeText() : WcagLevel.AA.text();
            colors.put(
                    role,
                    lettering
                            .color()
                            .flatMap(of -> of(of, look))
                            .filter(own -> ContrastRatio.between(own, page).reaches(needed))
                            .orElse(text));
        });
        return colors;
    }

    /** Source: WCAG 2.2, large scale: at least 18 point, or 14 point bold. */
    private static boolean isLarge(Lettering lettering) {
        return lettering.sizes().slides() >= (lettering.weight() >= Lettering.BOLD ? 14 : 18);
    }

    private static Rgb raised(Look look, List<Rgb> accents) {
        return of(Role.HIGHLIGHT, look).orElse(accents.get(0));
    }

    /** The second tint that document programs offer of the second text colour: between it and the page. */
    private static Rgb quiet(Rgb text) {
        return TintStep.offeredFor(text).get(1).apply(text);
    }

    private static Rgb better(Rgb one, Rgb other, Rgb ground) {
        return ContrastRatio.between(one, ground).compareTo(ContrastRatio.between(other, ground)) >= 0 ? one : other;
    }
}
