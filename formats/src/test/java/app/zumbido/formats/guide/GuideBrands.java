package app.zumbido.formats.guide;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.BrandChange;
import app.zumbido.core.brand.GroundChange;
import app.zumbido.core.brand.GuideChange;
import app.zumbido.core.brand.LogoChange;
import app.zumbido.core.brand.TypeChange;
import app.zumbido.core.color.Fraction;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.ComposedGround;
import app.zumbido.core.guide.GuideWords;
import app.zumbido.core.guide.MoodPicture;
import app.zumbido.core.guide.SectionKind;
import app.zumbido.core.guide.Share;
import app.zumbido.core.guide.Sheet;
import app.zumbido.core.guide.SheetFormat;
import app.zumbido.core.guide.Spacing;
import app.zumbido.core.logos.BrandElement;
import app.zumbido.core.logos.Drawn;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.type.FontFamily;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.fonts.ShippedFaces;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;

/** Brands by chance, of every size, with names that are long, odd or written from right to left; each seed is one brand. */
final class GuideBrands {
    private static final List<String> NAMES = List.of(
            "Ostrel Ferries",
            "מעבורות אוסטרל",
            "A",
            "The Most Honourable Society for the Improvement of Island Crossings and Their Timetables",
            "Donaudampfschifffahrtselektrizitätenhauptbetriebswerkbauunterbeamtengesellschaft",
            "Żółta łódź & Söhne <Ltd>");
    private static final List<String> WORDS = List.of(
            "Teal",
            "Deep harbour at night",
            "Rindfleischetikettierungsüberwachungsaufgabenübertragungsgesetzgrün",
            "ים",
            "Fog 2");

    private GuideBrands() {}

    static Brand of(int seed) {
        Random random = new Random(seed);
        List<Swatch> swatches = new ArrayList<>();
        int count = 1 + random.nextInt(24);
        for (int i = 0; i < count; i++) {
            swatches.add(Swatch.of(
                    new SwatchId(new UUID(9, i + 1)),
                    WORDS.get(random.nextInt(WORDS.size())) + " " + (i + 1),
                    Rgb.ofPacked(random.nextInt(1 << 24)),
                    List.of()));
        }
        Brand empty = Brand.begin(
                new UUID(1, seed + 1), NAMES.get(random.nextInt(NAMES.size())), Optional.empty(), new UUID(1, 2));
        Brand brand = empty.apply(BrandChange.DraftBrand.of(empty, "logo.png", swatches));
        if (random.nextInt(3) > 0) {
            brand = brand.apply(new LogoChange.SetForm(LogoForm.PRIMARY, new Drawn.OfFile(new UUID(5, 1), false), ""));
            brand = brand.apply(new LogoChange.SetForm(LogoForm.SUBMARK, new Drawn.OfFile(new UUID(5, 2), false), ""));
        }
        if (random.nextBoolean()) {
            brand = brand.apply(new LogoChange.KeepElement(new BrandElement(
                    new UUID(4, 1), BrandElement.Kind.PATTERN, "Waves", "Behind quiet text only.", new UUID(5, 3))));
        }
        for (TypeRole role : List.of(TypeRole.HEADING, TypeRole.BODY)) {
            List<ShippedFaces.Family> families = ShippedFaces.families();
            ShippedFaces.Family family = families.get(random.nextInt(families.size()));
            brand = brand.apply(new TypeChange.SetLettering(
                    role, brand.type().get(role).in(new FontFamily(family.family(), family.faceKind()))));
        }
        brand = grounds(brand, swatches, random);
        return designed(brand, random);
    }

    private static Brand grounds(Brand brand, List<Swatch> swatches, Random random) {
        Brand with = brand;
        for (int i = 0; i < random.nextInt(4); i++) {
            Paint first = new Paint.OfSwatch(
                    swatches.get(random.nextInt(swatches.size())).id());
            Paint second = new Paint.OfSwatch(
                    swatches.get(random.nextInt(swatches.size())).id());
            ComposedGround.Base base = random.nextBoolean()
                    ? new ComposedGround.Base.OfGradient(
                            List.of(first, second), random.nextBoolean(), random.nextInt(360))
                    : new ComposedGround.Base.OfPicture(new UUID(6, i));
            with = with.apply(new GroundChange.KeepGround(new ComposedGround(
                    new UUID(8, i),
                    "Ground " + i,
                    base,
                    random.nextBoolean()
                            ? Optional.of(new ComposedGround.Laid(first, Fraction.of(0.7)))
                            : Optional.empty(),
                    second)));
        }
        return with;
    }

    private static Brand designed(Brand brand, Random random) {
        SheetFormat format = SheetFormat.values()[random.nextInt(SheetFormat.values().length)];
        Spacing spacing = Spacing.values()[random.nextInt(Spacing.values().length)];
        int board = Sheet.NARROWEST_BOARD + random.nextInt(Sheet.WIDEST_BOARD - Sheet.NARROWEST_BOARD);
        Brand with = brand.apply(new GuideChange.LayGuideOn(new Sheet(format, random.nextBoolean(), spacing, board)));
        for (SectionKind kind : SectionKind.values()) {
            Share share = Share.values()[random.nextInt(Share.values().length)];
            boolean shown = random.nextInt(6) > 0;
            Share chosen = random.nextInt(3) == 0 && kind != SectionKind.TITLE ? share : Share.FULL;
            with = with.apply(new GuideChange.SetSection(
                    with.guide().get(kind).shown(shown).wide(chosen)));
        }
        for (int i = 0; i < random.nextInt(4); i++) {
            SectionKind kind = SectionKind.values()[random.nextInt(SectionKind.values().length)];
            with = with.apply(new GuideChange.MoveSection(kind, random.nextInt(SectionKind.values().length)));
        }
        List<MoodPicture> mood = new ArrayList<>();
        for (int i = 0; i < random.nextInt(9); i++) {
            mood.add(new MoodPicture(
                    new UUID(7, i + 1),
                    random.nextBoolean() ? MoodPicture.Crop.WHOLE : new MoodPicture.Crop(0.25, 0.1, 0.3, 0.8),
                    Share.values()[random.nextInt(3)]));
        }
        with = with.apply(new GuideChange.SetMood(mood, random.nextBoolean()));
        return with.apply(new GuideChange.WordGuide(
                random.nextBoolean()
                        ? GuideWords.NONE
                        : new GuideWords(
                                "How we look, wherever we are seen.",
                                "Plain, punctual, a little dry.",
                                "We give the time before the feeling. "
                                        .repeat(random.nextInt(20) + 1)
                                        .strip(),
                                "Evening light, calm water, one orange thing.",
                                "https://ostrel.example/files",
                                "brand@ostrel.example",
                                "November 2026")));
    }
}
