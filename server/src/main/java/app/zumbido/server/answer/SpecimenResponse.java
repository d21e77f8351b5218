package app.zumbido.server.answer;

import app.zumbido.core.brand.Look;
import app.zumbido.core.brand.Specimen;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.type.Capitals;
import app.zumbido.core.type.FontStack;
import app.zumbido.core.type.Lettering;
import app.zumbido.core.type.TypeRole;
import java.util.List;

/**
 * Everything that the specimens are painted from, as hexes. Empty slots show the unbranded greys.
 *
 * @param dark whether its pages are dark
 * @param text1 what pages are written in: Dark 1, in a dark theme Light 1
 * @param page1 what pages stand on: Light 1, in a dark theme Dark 1
 * @param text2 the second text color
 * @param page2 the second ground
 * @param accents the six accents in order
 * @param onAccents what is written on each accent
 * @param series six of an ordinary chart: the accents, without a highlight that is kept for last
 * @param turnedLink what links are mapped to on layouts of the other ground, so that they read there
 * @param lead what title slides and buttons stand on: the main color
 * @param onLead what is written on it
 * @param besideLead a rule on it: the first accent that is told from it
 * @param tableHead what heads of tables stand on
 * @param onTableHead what is written on it
 * @param band every second row of tables
 * @param onBand what is written on it
 * @param bullet what leads on the page itself: the main color where it is seen there
 * @param turnedBullet the same on a layout of the other ground
 * @param raised the one series that a chart raises: the highlight, where the brand has one
 * @param onRaised the better of the text and the page color on it
 * @param quiet the other series beside it
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
        String lead,
        String onLead,
        String besideLead,
        String tableHead,
        String onTableHead,
        String band,
        String onBand,
        String bullet,
        String turnedBullet,
        String raised,
        String onRaised,
        String quiet,
        SetResponse heading,
        SetResponse subheading,
        SetResponse body) {
    public static SpecimenResponse of(Look look) {
        Specimen specimen = Specimen.of(look);
        return new SpecimenResponse(
                specimen.ground() == PageGround.DARK,
                specimen.texts().get(0).hex(),
                specimen.pages().get(0).hex(),
                specimen.texts().get(1).hex(),
                specimen.pages().get(1).hex(),
                hexes(specimen.accents()),
                hexes(specimen.onAccents()),
                hexes(specimen.series()),
                specimen.link().hex(),
                specimen.followedLink().hex(),
                specimen.turnedLink().hex(),
                specimen.lead().hex(),
                specimen.onLead().hex(),
                specimen.besideLead().hex(),
                specimen.tableHead().hex(),
                specimen.onTableHead().hex(),
                specimen.band().hex(),
                specimen.onBand().hex(),
                specimen.bullet().hex(),
                specimen.turnedBullet().hex(),
                specimen.raised().hex(),
                specimen.onRaised().hex(),
                specimen.quiet().hex(),
                SetResponse.of(specimen, TypeRole.HEADING),
                SetResponse.of(specimen, TypeRole.SUBHEADING),
                SetResponse.of(specimen, TypeRole.BODY));
    }

    /**
     * How letters are set.
     *
     * @param stack families as CSS wants them, ending in a generic one
     * @param color what they are written in on the page
     * @param tracking in thousandths of an em
     */
    public record SetResponse(String stack, int weight, boolean italic, Capitals capitals, int tracking, String color) {
        static SetResponse of(Specimen specimen, TypeRole role) {
            Lettering lettering = specimen.type().get(role);
            return new SetResponse(
                    FontStack.of(lettering).css(),
                    lettering.weight(),
                    lettering.italic(),
                    lettering.capitals(),
                    lettering.tracking(),
                    specimen.lettered().get(role).hex());
        }
    }

    private static List<String> hexes(List<Rgb> colors) {
        return colors.stream().map(Rgb::hex).toList();
    }
}
