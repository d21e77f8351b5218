package app.zumbido.core.brand.guide;

import app.zumbido.core.color.Compositing;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.contrast.ComposedGround;
import app.zumbido.core.contrast.Ground;
import app.zumbido.core.contrast.Overlay;
import app.zumbido.core.contrast.Standing;
import app.zumbido.core.guide.Block;
import app.zumbido.core.guide.Block.Bar;
import app.zumbido.core.guide.Block.DoNot;
import app.zumbido.core.guide.Block.Example;
import app.zumbido.core.guide.Block.Logo;
import app.zumbido.core.guide.Block.Rank;
import app.zumbido.core.guide.Block.Scene;
import app.zumbido.core.guide.Block.Sentence;
import app.zumbido.core.guide.Block.Under;
import app.zumbido.core.guide.Block.Written;
import app.zumbido.core.guide.Content;
import app.zumbido.core.guide.GuideFacts;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoVersion;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.roles.ChartSeries;
import app.zumbido.core.roles.Role;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What may stand on what, what must not be done, charts, and text over gradients and pictures. */
final class RuleSections {
    /** Of a logo that is stretched: its width, in what it should be; set by eye. */
    private static final double STRETCHED = 1.5;
    /** Of one that is turned, in degrees clockwise; set by eye. */
    private static final double TURNED = -14;

    /** Of more colours nobody reads what each may stand on; those that matter most come first. */
    private static final int MOST_COLORS = 24;

    private static final int MOST_SERIES = 6;
    private static final int MOST_EXAMPLES = 8;

    private final GuideLook look;
    private final GuideFacts facts;

    RuleSections(GuideLook look, GuideFacts facts) {
        this.look = look;
        this.facts = facts;
    }

    /** Grounds and texts are the brand's own swatches, as Contrast judges them. */
    private List<Ground> grounds() {
        Set<Rgb> own = look.palette().swatches().stream()
                .limit(MOST_COLORS)
                .map(Swatch::color)
                .collect(Collectors.toSet());
        return Ground.of(
                        look.look().palette(),
                        look.look().roles(),
                        look.look().theme(),
                        look.brand().grounds(),
                        WcagLevel.AA)
                .stream()
                .filter(ground -> own.contains(ground.color()))
                .map(ground -> new Ground(ground.color(), only(ground.may(), own), only(ground.mayNot(), own)))
                .toList();
    }

    private static List<Standing> only(List<Standing> standings, Set<Rgb> own) {
        return standings.stream()
                .filter(standing -> own.contains(standing.foreground()))
                .toList();
    }

    Content standings() {
        List<Bar> bars = grounds().stream()
                .map(this::bar)
                .filter(bar -> !bar.written().isEmpty())
                .toList();
        return bars.isEmpty()
                ? new Content.Nothing("No colour of the palette can be read on another one; see Contrast.")
                : new Content.Filled(List.of(
                        Sentence.of(
                                Rank.LEAD,
                                "Only what is written here has been measured to be readable. Large means from 18 points."),
                        new Block.Bars(bars)));
    }

    private Bar bar(Ground ground) {
        List<Written> written = ground.may().stream()
                .map(standing -> {
                    boolean large = !standing.ratio().reaches(WcagLevel.AA.text());
                    return new Written(
                            look.name(standing.foreground()) + (large ? ", large" : ""),
                            standing.foreground(),
                            large,
                            GuideNames.ratio(standing.ratio().value()));
                })
                .toList();
        return new Bar(
                ground.color(),
                look.inkOn(ground.color()),
                "On " + look.name(ground.color()),
                look.isOutlined(ground.color()),
                written);
    }

    Content doNots() {
        List<DoNot> examples = new ArrayList<>();
        unread().ifPresent(examples::add);
        clashing().ifPresent(examples::add);
        look.swatch(Role.HIGHLIGHT)
                .ifPresent(highlight -> examples.add(new DoNot(
                        new Example.Everywhere(highlight.color()),
                        look.page(),
                        true,
                        line(),
                        "No: " + highlight.name() + " everywhere; it is for the one thing")));
        look.look().roles().offLimits().stream()
                .map(look.look().palette()::get)
                .findFirst()
                .ifPresent(off -> examples.add(new DoNot(
                        new Example.Color(off.color()),
                        look.page(),
                        true,
                        line(),
                        "No: " + off.name() + ", " + off.color().digits() + ", is off-limits")));
        examples.addAll(wrongLogos());
        return examples.isEmpty()
                ? new Content.Nothing("With one colour and no logo there is nothing to warn of yet.")
                : new Content.Filled(
                        List.of(new Block.DoNots(examples.subList(0, Math.min(MOST_EXAMPLES, examples.size())))));
    }

    private Rgb line() {
        return look.inks().text();
    }

    /** The pair that fails and is nearest to being used: what the brand does use, else what nearly reads. */
    private Optional<DoNot> unread() {
        record Found(Rgb ground, Standing standing) {}
        return grounds().stream()
                .flatMap(ground -> ground.mayNot().stream().map(standing -> new Found(ground.color(), standing)))
                .filter(found -> !found.standing().ratio().reaches(WcagLevel.AA.largeText()))
                .max(Comparator.<Found, Boolean>comparing(
                                found -> found.standing().used())
                        .thenComparing(found -> found.standing().ratio()))
                .map(found -> new DoNot(
                        new Example.Words(
                                look.name(found.standing().foreground()),
                                found.standing().foreground()),
                        found.ground(),
                        look.isOutlined(found.ground()),
                        look.inkOn(found.ground()),
                        "No: " + look.name(found.standing().foreground()) + " on " + look.name(found.ground())
                                + ", only "
                                + GuideNames.ratio(found.standing().ratio().value())));
    }

    private Optional<DoNot> clashing() {
        return grounds().stream()
                .flatMap(ground -> Stream.concat(ground.may().stream(), ground.mayNot().stream())
                        .filter(Standing::clashes)
                        .map(standing -> new DoNot(
                                new Example.Words(look.name(standing.foreground()), standing.foreground()),
                                ground.color(),
                                false,
                                look.inkOn(ground.color()),
                                "No: " + look.name(standing.foreground()) + " beside " + look.name(ground.color())
                                        + "; the two vibrate")))
                .findFirst();
    }

    private List<DoNot> wrongLogos() {
        List<DoNot> wrong = new ArrayList<>();
        Optional<GuideFacts.MeasuredLogo> primary = facts.logo(LogoForm.PRIMARY);
        if (primary.isEmpty()) {
            return wrong;
        }
        Logo logo = new Logo(LogoForm.PRIMARY, LogoVersion.LIGHT, primary.get().ratio());
        worst(logo).ifPresent(wrong::add);
        wrong.add(new DoNot(
                new Example.WrongLogo(logo, STRETCHED, 0), look.page(), true, line(), "No: do not stretch it"));
        wrong.add(new DoNot(new Example.WrongLogo(logo, 1, TURNED), look.page(), true, line(), "No: do not turn it"));
        return wrong;
    }

    /** The logo as it is on the ground where it reads worst. */
    private Optional<DoNot> worst(Logo logo) {
        record Found(Swatch ground, double ratio) {}
        return look.palette().swatches().stream()
                .flatMap(swatch -> facts.seen(logo.form(), swatch.color()).stream()
                        .filter(seen -> seen.version() == logo.version() && !seen.reads())
                        .map(seen -> new Found(swatch, seen.ratio())))
                .min(Comparator.comparingDouble(Found::ratio))
                .map(found -> new DoNot(
                        new Example.WrongLogo(logo, 1, 0),
                        found.ground().color(),
                        look.isOutlined(found.ground().color()),
                        look.inkOn(found.ground().color()),
                        "No: in its own colours on " + found.ground().name()));
    }

    Content charts() {
        List<Rgb> series = ChartSeries.of(look.look().roles(), look.look().palette(), MOST_SERIES);
        List<Rgb> shown = series.isEmpty() ? look.specimen().series() : series;
        if (look.palette().swatches().isEmpty()) {
            return new Content.Nothing("There are no colours for charts yet; give them in Roles.");
        }
        String order = shown.stream().map(look::name).collect(Collectors.joining(", "));
        String raised = look.name(look.specimen().raised());
        List<Block> blocks = new ArrayList<>();
        blocks.add(new Block.Chart(
                shown,
                look.specimen().raised(),
                look.specimen().quiet(),
                "A chart with the series " + order + "; beside it one in which " + raised + " raises a single column"));
        blocks.add(Sentence.of(Rank.SMALL, "In this order: " + order + ". " + raised + " raises one series at most."));
        return new Content.Filled(blocks);
    }

    Content composed() {
        List<Scene> scenes = new ArrayList<>();
        for (ComposedGround ground : look.brand().grounds().composed()) {
            under(ground).ifPresent(under -> scenes.add(scene(ground, under)));
        }
        return scenes.isEmpty()
                ? new Content.Nothing("No gradient and no picture under text is kept yet; compose one in Contrast.")
                : new Content.Filled(List.of(new Block.Scenes(scenes)));
    }

    /** A solid over a gradient is a gradient again: the same is seen at every place. */
    private Optional<Under> under(ComposedGround ground) {
        Optional<Overlay> overlay = ground.overlay(look.look().palette());
        if (ground.base() instanceof ComposedGround.Base.OfGradient gradient) {
            List<Rgb> stops = gradient.gradient(look.look().palette()).stops().stream()
                    .map(stop -> overlay.map(solid -> Compositing.over(solid.color(), solid.opacity(), stop))
                            .orElse(stop))
                    .toList();
            return Optional.of(new Under.Along(stops, gradient.radial(), gradient.angle()));
        }
        UUID source = ((ComposedGround.Base.OfPicture) ground.base()).source();
        return facts.picture(source).map(ratio -> new Under.Over(source, ratio));
    }

    private Scene scene(ComposedGround ground, Under under) {
        Rgb ink = ground.text().resolve(look.look().palette());
        Optional<Overlay> overlay = ground.overlay(look.look().palette());
        String laid = overlay.map(solid -> look.name(solid.color()) + " over it, "
                        + GuideNames.percent(solid.opacity().value()) + " opaque, lets "
                        + GuideNames.percent(1 - solid.opacity().value()) + " through; ")
                .orElse("");
        String worst = ground.worst(ink, look.look().palette())
                .map(found -> ", " + GuideNames.ratio(found.ratio().value()) + " at its worst place")
                .orElse("");
        return new Scene(ground.name(), laid + "text in " + look.name(ink) + worst + ".", under, overlay, ink);
    }
}
