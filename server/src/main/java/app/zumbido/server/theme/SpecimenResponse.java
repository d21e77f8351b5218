package app.zumbido.server.theme;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.roles.Role;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.ThemeSeries;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.theme.TintStep;
import app.zumbido.core.theme.TurnedLayout;
import app.zumbido.core.theme.Unbranded;
import java.util.List;
import java.util.Map;

/**
 * Everything that the specimens are painted from, as hexes. Empty slots show the unbranded greys.
 *
 * @param dark whether its pages are dark
 * @param text1 what pages are written in: Dark 1, in a dark theme Light 1
 * @param page1 what pages stand on: Light 1, in a dark theme Dark 1
 * @param text2 the second text color
 * @param page2 the second ground
 * @param accents the six accents in order
 * @param series six of an ordinary chart: the accents, without a highlight that is kept for last
 * @param turnedLink what links are mapped to on layouts of the other ground, so that they read there
 * @param raised the one series that a chart raises: the highlight, where the brand has one
 * @param onRaised the better of the text and the page color on it
 * @param quiet the other series beside it
 * @param onAccents for each accent the better of the text and the page color as text on it
 */
public record SpecimenResponse(
        boolean dark,
        String text1,
        String page1,
        String text2,
        String page2,
        List<String> accents,
        List<String> onAccents,
        List<String> series,
        String link,
        String followedLink,
        String turnedLink,
        String raised,
        String onRaised,
        String quiet,
        String headingFont,
        String bodyFont) {
    public static SpecimenResponse of(Brand brand) {
        Map<ThemeSlot, Rgb> colors = Unbranded.completing(brand.theme(), brand.palette());
        PageGround ground = brand.theme().ground();
        Rgb text = colors.get(ground.text());
        Rgb page = colors.get(ground.page());
        Rgb text2 = colors.get(ground.texts().get(1));
        List<Rgb> accents = ThemeSlot.ACCENTS.stream().map(colors::get).toList();
        Rgb raised = raised(brand, accents);
        return new SpecimenResponse(
                ground == PageGround.DARK,
                text.hex(),
                page.hex(),
                text2.hex(),
                colors.get(ground.pages().get(1)).hex(),
                accents.stream().map(Rgb::hex).toList(),
                accents.stream().map(accent -> better(text, page, accent).hex()).toList(),
                ThemeSeries.of(brand.theme(), colors).stream().map(Rgb::hex).toList(),
                colors.get(ThemeSlot.HYPERLINK).hex(),
                colors.get(ThemeSlot.FOLLOWED_HYPERLINK).hex(),
                TurnedLayout.link(colors, ground.turned()).hex(),
                raised.hex(),
                better(text, page, raised).hex(),
                quiet(text2).hex(),
                brand.theme().fonts().heading(),
                brand.theme().fonts().body());
    }

    private static Rgb raised(Brand brand, List<Rgb> accents) {
        return brand.roles()
                .first(Role.HIGHLIGHT)
                .map(swatch -> brand.palette().get(swatch).color())
                .orElse(accents.get(0));
    }

    /** The second tint that document programs offer of the second text colour: between it and the page. */
    private static Rgb quiet(Rgb text) {
        return TintStep.offeredFor(text).get(1).apply(text);
    }

    private static Rgb better(Rgb one, Rgb other, Rgb ground) {
        return ContrastRatio.between(one, ground).compareTo(ContrastRatio.between(other, ground)) >= 0 ? one : other;
    }
}
