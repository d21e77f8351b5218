package app.zumbido.server.demo;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Change;
import app.zumbido.core.brand.GroundChange;
import app.zumbido.core.brand.GuideChange;
import app.zumbido.core.brand.LogoChange;
import app.zumbido.core.brand.PaletteChange;
import app.zumbido.core.brand.RoleChange;
import app.zumbido.core.brand.ThemeChange;
import app.zumbido.core.brand.ThemesChange;
import app.zumbido.core.brand.TypeChange;
import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Fraction;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.ComposedGround;
import app.zumbido.core.guide.GuideWords;
import app.zumbido.core.guide.MoodPicture;
import app.zumbido.core.guide.Share;
import app.zumbido.core.logos.BrandElement;
import app.zumbido.core.logos.Cutting;
import app.zumbido.core.logos.Drawn;
import app.zumbido.core.logos.IconShape;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.palette.Group;
import app.zumbido.core.palette.Notes;
import app.zumbido.core.palette.Origin;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.SuggestionPolicy;
import app.zumbido.core.theme.Turning;
import app.zumbido.core.type.FontPair;
import app.zumbido.formats.fonts.KnownFamilies;
import app.zumbido.server.existing.ExistingIntake;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.source.SourceIntake;
import app.zumbido.server.storage.Ids;
import app.zumbido.server.trail.BrandKeeper;
import java.io.ByteArrayInputStream;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationStartedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Puts three invented brands on an empty shelf, by the same steps that a person takes. */
@Component
@ConditionalOnProperty("zumbido.demo")
class DemoData {
    private final BrandKeeper keeper;
    private final SourceIntake sources;
    private final ExistingIntake files;
    private final Ids ids;

    DemoData(BrandKeeper keeper, SourceIntake sources, ExistingIntake files, Ids ids) {
        this.files = files;
        this.ids = ids;
        this.keeper = keeper;
        this.sources = sources;
    }

    @EventListener(ApplicationStartedEvent.class)
    void fillEmptyShelf() {
        if (!keeper.keepsAny()) {
            addObservatory();
            addSeedExchange();
            // Last, so that it stands first on the shelf.
            addFerries();
        }
    }

    /** A small island ferry line, complete as far as the stations go. */
    private void addFerries() {
        UUID id = begin("Ostrel Ferries", "OF");
        draft(id, "ostrel-logo.svg", DemoPicture.file("ostrel-logo.svg"));
        UUID harbour = add(id, "harbour-dusk.png", DemoPicture.photograph("harbour-dusk.svg"));
        change(
                id,
                brand -> PaletteChange.AddSwatches.of(List.of(Swatch.of(
                        new SwatchId(ids.next()),
                        "Foam",
                        Rgb.ofHex("EAF3F2"),
                        List.of(Origin.of("harbour-dusk.png"))))));
        name(
                id,
                List.of(
                        Map.entry("0B2A4A", "Night channel"),
                        Map.entry("0F7C7A", "Harbour teal"),
                        Map.entry("F2682A", "Buoy orange"),
                        Map.entry("5B6670", "Wet rope"),
                        Map.entry("EAF3F2", "Foam"),
                        Map.entry("FFFFFF", "Sailcloth")));
        change(id, RoleChange.DraftRoles::of);
        set(id, "Bitter", "Open Sans");
        change(id, brand -> suggestion(brand));
        change(id, brand -> new ThemeChange.RenameTheme(brand.look().themeId(), "Daylight"));
        change(
                id,
                brand -> PaletteChange.AddSwatches.of(List.of(
                        step(brand, "Deep harbour", "Harbour teal", -0.5),
                        step(brand, "Sea mist", "Harbour teal", 0.8))));
        change(
                id,
                brand -> new PaletteChange.NoteSwatch(
                        named(brand, "Night channel").id(), new Notes("Blue 4 of the island printers", "")));
        logos(id);
        grounds(id, harbour);
        guide(id, harbour);
    }

    private void grounds(UUID id, UUID harbour) {
        change(
                id,
                brand -> new GroundChange.KeepGround(new ComposedGround(
                        ids.next(),
                        "Boats at dawn",
                        new ComposedGround.Base.OfPicture(harbour),
                        Optional.of(new ComposedGround.Laid(paint(brand, "Night channel"), Fraction.of(0.8))),
                        paint(brand, "Sailcloth"))));
        change(
                id,
                brand -> new GroundChange.KeepGround(new ComposedGround(
                        ids.next(),
                        "Deep water",
                        new ComposedGround.Base.OfGradient(
                                List.of(paint(brand, "Night channel"), paint(brand, "Deep harbour")), false, 90),
                        Optional.empty(),
                        paint(brand, "Sailcloth"))));
    }

    /** What the pictures carry, how the line sounds, and whom to ask. */
    private void guide(UUID id, UUID harbour) {
        element(id, BrandElement.Kind.PATTERN, "Waves", "Behind quiet text only.", "waves.svg");
        element(id, BrandElement.Kind.CALLOUT, "Callout", "One on a page at most.", "callout.svg");
        change(
                id,
                brand -> new GuideChange.SetMood(
                        List.of(
                                new MoodPicture(harbour, MoodPicture.Crop.WHOLE, Share.FULL),
                                new MoodPicture(harbour, new MoodPicture.Crop(0.38, 0.44, 0.4, 0.4), Share.HALF),
                                new MoodPicture(harbour, new MoodPicture.Crop(0.1, 0.64, 0.24, 0.3), Share.HALF)),
                        false));
        change(
                id,
                brand -> new GuideChange.WordGuide(new GuideWords(
                        "",
                        "Plain, punctual, a little dry.",
                        "We give the time before the feeling. We say “boat”. We apologise once and say what happens next.",
                        "Evening light, calm water, one orange thing. No crowds, no stock smiles.",
                        "https://ostrel.example/brand",
                        "brand@ostrel.example",
                        "November 2026")));
    }

    private void element(UUID id, BrandElement.Kind kind, String name, String sentence, String file) {
        UUID picture = add(id, file, DemoPicture.file(file));
        change(id, brand -> new LogoChange.KeepElement(new BrandElement(ids.next(), kind, name, sentence, picture)));
    }

    private static Paint paint(Brand brand, String name) {
        return new Paint.OfSwatch(named(brand, name).id());
    }

    /** The other forms are made of the long one. */
    private void logos(UUID id) {
        // Shares of the long one without its margins.
        Cutting secondLine = new Cutting(0.38, 0.7, 0.62, 0.3);
        Cutting symbol = new Cutting(0, 0, 0.37, 1);
        change(id, brand -> {
            Drawn.OfFile file =
                    (Drawn.OfFile) brand.logos().get(LogoForm.PRIMARY).drawn();
            return new LogoChange.SetForm(LogoForm.PRIMARY, new Drawn.OfFile(file.source(), true), "");
        });
        form(id, LogoForm.SHORT, brand -> new Drawn.LeftOut(LogoForm.PRIMARY, List.of(secondLine)));
        form(id, LogoForm.SUBMARK, brand -> new Drawn.CutOut(LogoForm.PRIMARY, symbol));
        form(
                id,
                LogoForm.ICON,
                brand -> new Drawn.OnGround(
                        LogoForm.SUBMARK,
                        new Paint.OfSwatch(named(brand, "Night channel").id()),
                        IconShape.ROUNDED));
        change(id, brand -> new LogoChange.SayUse(LogoForm.SHORT, "Tickets, timetables and everything narrow"));
    }

    private void form(UUID id, LogoForm form, Function<Brand, Drawn> drawn) {
        change(id, brand -> new LogoChange.SetForm(form, drawn.apply(brand), ""));
    }

    /** A volunteer seed library without a logo: one picture of a seed tray, and colours taken from it. */
    private void addSeedExchange() {
        UUID id = begin("Pellory Seed Exchange", "PSE");
        draft(id, "seed-tray.png", DemoPicture.photograph("seed-tray.svg"));
        name(
                id,
                List.of(
                        Map.entry("D9B35C", "Maize"),
                        Map.entry("4F6B3A", "Bean leaf"),
                        Map.entry("7A2E2A", "Beetroot"),
                        Map.entry("8A6B4A", "Tray wood"),
                        Map.entry("3B2C20", "Compost")));
        set(id, "Lora", "Work Sans");
    }

    /** A hill observatory with evening visits, at home on dark grounds. */
    private void addObservatory() {
        UUID id = begin("Kestrin Observatory", "KO");
        draft(id, "kestrin-logo.png", DemoPicture.logo("kestrin-logo.svg"));
        name(
                id,
                List.of(
                        Map.entry("14142B", "Dark hour"),
                        Map.entry("7A5CD6", "Violet hour"),
                        Map.entry("F0A35A", "Ember"),
                        Map.entry("C9CED6", "Dome"),
                        Map.entry("2E2A55", "Hill"),
                        Map.entry("F7F5EF", "Starlight")));
        // The order has changed since the picture was drafted.
        change(id, RoleChange.DraftRoles::of);
        set(id, "JetBrains Mono", "Inter");
        change(id, brand -> new ThemeChange.SetGround(brand.look().themeId(), PageGround.DARK));
        change(id, brand -> suggestion(brand));
        change(id, brand -> new ThemeChange.RenameTheme(brand.look().themeId(), "Night"));
        change(
                id,
                brand -> new ThemesChange.AddTheme(
                        Turning.of(brand.look().theme(), brand.palette(), brand.roles())
                                .under(ids.next())
                                .withName("Day"),
                        Optional.of("Night")));
        // Drawings that somebody bought, in colours of their own.
        for (String drawing : List.of("hill-by-day.svg", "icon-bus.svg", "icon-lamp.svg", "icon-telescope.svg")) {
            files.takeIn(id, drawing, new ByteArrayInputStream(DemoPicture.file(drawing)));
        }
        // The deck of the evening visits, made years ago on another look.
        files.takeIn(id, "evening-visits.pptx", new ByteArrayInputStream(DemoPicture.file("evening-visits.pptx")));
    }

    private void set(UUID id, String heading, String body) {
        change(id, brand -> new TypeChange.TakePair(new FontPair(KnownFamilies.of(heading), KnownFamilies.of(body))));
    }

    private static ThemeChange suggestion(Brand brand) {
        return ThemeChange.ApplySuggestion.of(brand.look(), SuggestionPolicy.USUAL);
    }

    private UUID begin(String name, String shortCode) {
        return keeper.begin(name, Optional.of(shortCode)).brand().id();
    }

    private UUID add(UUID id, String fileName, byte[] picture) {
        return sources.add(id, fileName, new ByteArrayInputStream(picture));
    }

    private void draft(UUID id, String fileName, byte[] picture) {
        sources.draft(id, add(id, fileName, picture), IfMatch.anything());
    }

    /** @param names six digits and what the owner calls the swatch that comes nearest, most important first */
    private void name(UUID id, List<Map.Entry<String, String>> names) {
        for (int place = 0; place < names.size(); place++) {
            Rgb color = Rgb.ofHex(names.get(place).getKey());
            String name = names.get(place).getValue();
            int position = place;
            change(
                    id,
                    brand -> new PaletteChange.RenameSwatch(
                            nearest(brand, color, position).id(), name));
            Brand named = keeper.load(id).brand();
            SwatchId swatch = named(named, name).id();
            if (named.palette().indexOf(swatch) != position) {
                change(id, brand -> new PaletteChange.MoveSwatch(swatch, position));
            }
        }
    }

    /** Grain moves a colour a little, so the nearest among those that have no name yet is meant. */
    private static Swatch nearest(Brand brand, Rgb color, int named) {
        return brand.palette().swatches().stream()
                .skip(named)
                .min(Comparator.comparingDouble(swatch -> Difference.between(swatch.color(), color)))
                .orElseThrow();
    }

    /** A step of a swatch's ladder that follows it. */
    private Swatch step(Brand brand, String name, String base, double away) {
        Swatch followed = named(brand, base);
        return Swatch.of(new SwatchId(ids.next()), name, followed.color(), List.of())
                .following(new Paint.OnLadder(followed.id(), away), followed.color())
                .in(Group.EXTENDED);
    }

    private static Swatch named(Brand brand, String name) {
        return brand.palette().swatches().stream()
                .filter(swatch -> swatch.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private void change(UUID id, Function<Brand, Change> change) {
        keeper.change(id, IfMatch.anything(), change);
    }
}
