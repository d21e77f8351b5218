package app.zumbido.core.brand.guide;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.guide.Block;
import app.zumbido.core.guide.Block.Logo;
import app.zumbido.core.guide.Block.LogoTile;
import app.zumbido.core.guide.Block.Pictured;
import app.zumbido.core.guide.Block.Rank;
import app.zumbido.core.guide.Block.Sentence;
import app.zumbido.core.guide.Content;
import app.zumbido.core.guide.GuideFacts;
import app.zumbido.core.guide.GuideFacts.MeasuredLogo;
import app.zumbido.core.guide.GuideFacts.SeenLogo;
import app.zumbido.core.guide.MoodPicture;
import app.zumbido.core.guide.Share;
import app.zumbido.core.logos.BrandElement;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.palette.Swatch;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The logo in its forms and on its grounds, and what else belongs to the brand. */
final class LogoSections {
    /** Of many colours the first are shown as grounds. */
    private static final int MOST_GROUNDS = 8;

    private final GuideLook look;
    private final GuideFacts facts;

    LogoSections(GuideLook look, GuideFacts facts) {
        this.look = look;
        this.facts = facts;
    }

    Content logos() {
        List<LogoForm> forms = look.brand().logos().forms().keySet().stream()
                .filter(form -> facts.logo(form).isPresent())
                .toList();
        if (forms.isEmpty()) {
            return new Content.Nothing("There is no logo yet; put one in Logos.");
        }
        LogoForm first = forms.get(0);
        MeasuredLogo measured = facts.logo(first).orElseThrow();
        List<Block> blocks = new ArrayList<>();
        blocks.add(Sentence.of(
                Rank.LEAD,
                forms.size() == 1
                        ? "One mark. Keep everything out of its clear space."
                        : "One mark in " + number(forms.size())
                                + " forms. Keep everything out of its clear space, and never change its proportions."));
        chosen(first, look.page())
                .ifPresent(logo -> blocks.add(new Block.LogoBoard(
                        logo, measured.clear(), look.page(), look.inks().subheading(), clear(measured))));
        List<LogoTile> others = forms.stream()
                .skip(1)
                .flatMap(form -> chosen(form, look.page()).stream()
                        .map(logo -> new LogoTile(logo, look.page(), true, said(form))))
                .toList();
        if (!others.isEmpty()) {
            blocks.add(new Block.LogoTiles(others));
        }
        List<LogoTile> grounds = grounds(first);
        if (!grounds.isEmpty()) {
            blocks.add(new Block.LogoTiles(grounds));
        }
        return new Content.Filled(blocks);
    }

    private static String number(int count) {
        return switch (count) {
            case 2 -> "two";
            case 3 -> "three";
            default -> "four";
        };
    }

    private static String clear(MeasuredLogo logo) {
        return "The dashed line is the clear space: " + GuideNames.percent(logo.clear())
                + " of its height on every side. Not smaller than " + GuideNames.number(logo.millimetres())
                + " mm in print or " + logo.pixels() + " pixels on a screen.";
    }

    private String said(LogoForm form) {
        String use = look.brand().logos().get(form).use();
        String least = facts.logo(form)
                .map(logo -> "; from " + GuideNames.number(logo.millimetres()) + " mm, " + logo.pixels() + " pixels")
                .orElse("");
        return GuideNames.of(form) + ": " + (use.isEmpty() ? GuideNames.usualUse(form) : use) + least;
    }

    private List<LogoTile> grounds(LogoForm form) {
        return look.palette().swatches().stream()
                .filter(swatch -> !swatch.color().equals(look.page()))
                .limit(MOST_GROUNDS)
                .flatMap(swatch -> ground(form, swatch).stream())
                .toList();
    }

    private Optional<LogoTile> ground(LogoForm form, Swatch swatch) {
        return facts.seen(form, swatch.color()).stream()
                .findFirst()
                .filter(SeenLogo::reads)
                .flatMap(seen -> chosen(form, swatch.color())
                        .map(logo -> new LogoTile(
                                logo,
                                swatch.color(),
                                look.isOutlined(swatch.color()),
                                "On " + swatch.name() + ": " + GuideNames.of(seen.version()))));
    }

    /** @return the form in the version that is to be used on that ground */
    Optional<Logo> chosen(LogoForm form, Rgb ground) {
        return facts.seen(form, ground).stream().findFirst().map(seen -> new Logo(form, seen.version(), seen.shape()));
    }

    /** @return the first form that there is, as it stands on that ground */
    Optional<Logo> first(Rgb ground) {
        return look.brand().logos().forms().keySet().stream()
                .flatMap(form -> chosen(form, ground).stream())
                .findFirst();
    }

    Content elements() {
        List<Pictured> pictures = new ArrayList<>();
        for (BrandElement element : look.brand().logos().elements()) {
            facts.picture(element.source())
                    .ifPresent(ratio -> pictures.add(new Pictured(
                            element.source(),
                            ratio,
                            MoodPicture.Crop.WHOLE,
                            Share.THIRD,
                            element.name() + (element.sentence().isEmpty() ? "" : ": " + element.sentence()),
                            true)));
        }
        return pictures.isEmpty()
                ? new Content.Nothing("No icons, patterns or callouts are kept yet; add them in Logos.")
                : new Content.Filled(List.of(new Block.Pictures(pictures, true)));
    }
}
