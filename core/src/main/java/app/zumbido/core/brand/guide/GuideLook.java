package app.zumbido.core.brand.guide;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Look;
import app.zumbido.core.brand.Specimen;
import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.guide.layout.Inks;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.roles.Role;
import app.zumbido.core.theme.TintStep;
import app.zumbido.core.type.TypeRole;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** A look as a guide shows it: on paper, which is light whatever slides stand on. */
final class GuideLook {
    /** A colour that differs less from the page is outlined; ΔE00, set by eye. */
    private static final double OUTLINED = 6;

    private final Look look;
    private final Specimen specimen;
    private final Specimen site;

    GuideLook(Look look) {
        this.look = look.onPaper();
        site = Specimen.of(look);
        specimen = Specimen.of(this.look);
    }

    Look look() {
        return look;
    }

    Brand brand() {
        return look.brand();
    }

    Specimen specimen() {
        return specimen;
    }

    /** @return what a site is made of: on dark pages where the brand is at home there */
    Specimen site() {
        return site;
    }

    Palette palette() {
        return brand().usable();
    }

    Rgb page() {
        return specimen.pages().get(0);
    }

    Optional<Rgb> color(Role role) {
        return swatch(role).map(Swatch::color);
    }

    Optional<Swatch> swatch(Role role) {
        return look.roles().first(role).map(look.palette()::get);
    }

    List<Swatch> swatches(Role role) {
        return look.roles().of(role).stream().map(look.palette()::get).toList();
    }

    boolean isOutlined(Rgb color) {
        return Difference.between(color, page()) < OUTLINED;
    }

    /** @return of what is usable, the first that has that colour; its code where none has */
    String name(Rgb color) {
        return look.palette().sameAs(color).map(Swatch::name).orElse(color.hex());
    }

    /** @return the text or the page colour where one of them reads there, else black or white */
    Rgb inkOn(Rgb ground) {
        return Stream.of(specimen.texts().get(0), page())
                .filter(ink -> reads(ink, ground))
                .max((one, other) -> ContrastRatio.between(one, ground).compareTo(ContrastRatio.between(other, ground)))
                .orElse(ground.ink());
    }

    static boolean reads(Rgb ink, Rgb ground) {
        return ContrastRatio.between(ink, ground).reaches(WcagLevel.AA.text());
    }

    Inks inks() {
        Rgb page = page();
        Rgb text = reads(specimen.texts().get(0), page) ? specimen.texts().get(0) : page.ink();
        return new Inks(
                page,
                text,
                reads(specimen.texts().get(1), page) ? specimen.texts().get(1) : text,
                lettered(TypeRole.HEADING, text),
                lettered(TypeRole.SUBHEADING, text),
                reads(specimen.link(), page) ? specimen.link() : text,
                hairline(text, page));
    }

    private Rgb lettered(TypeRole role, Rgb text) {
        return Optional.ofNullable(specimen.lettered().get(role))
                .filter(ink -> reads(ink, page()))
                .orElse(text);
    }

    /** The lightest step of the text that documents know, where it is told from the page at all. */
    private static Rgb hairline(Rgb text, Rgb page) {
        return TintStep.offeredFor(text).stream()
                .map(step -> step.apply(text))
                .filter(color -> Difference.between(color, page) >= OUTLINED)
                .max((one, other) ->
                        Double.compare(ContrastRatio.relativeLuminance(one), ContrastRatio.relativeLuminance(other)))
                .orElse(text);
    }
}
