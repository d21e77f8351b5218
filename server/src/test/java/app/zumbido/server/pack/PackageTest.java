package app.zumbido.server.pack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Change;
import app.zumbido.core.brand.ChangeKind;
import app.zumbido.core.brand.GroundChange;
import app.zumbido.core.brand.LogoChange;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.ComposedGround;
import app.zumbido.core.logos.Drawn;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoVersion;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.theme.Theme;
import app.zumbido.formats.fonts.ShippedFaces;
import app.zumbido.server.TestPictures;
import app.zumbido.server.ZumbidoApplication;
import app.zumbido.server.delivery.BrandPlaces;
import app.zumbido.server.delivery.PlaceRow;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.logos.BrandLogos;
import app.zumbido.server.source.SourceIntake;
import app.zumbido.server.storage.BlobStore;
import app.zumbido.server.storage.Ids;
import app.zumbido.server.storage.IncomingFile;
import app.zumbido.server.trail.BrandKeeper;
import app.zumbido.server.trail.EveryChange;
import app.zumbido.server.trail.Trail;
import app.zumbido.server.type.BrandFonts;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;
import java.util.function.Function;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.WebApplicationType;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/** From one shelf to another, each with a folder of its own. */
class PackageTest {
    @TempDir
    private Path temporary;

    private ConfigurableApplicationContext here;
    private ConfigurableApplicationContext there;
    private UUID id;

    @BeforeEach
    void fillOneShelf() {
        here = shelf("here");
        there = shelf("there");
        BrandKeeper keeper = here.getBean(BrandKeeper.class);
        id = keeper.begin("Ostrel Ferries", Optional.of("OF")).brand().id();
        here.getBean(SourceIntake.class).add(id, "logo.png", new ByteArrayInputStream(TestPictures.logo()));
        giveAFont(here.getBean(BrandFonts.class));
        BrandPlaces places = here.getBean(BrandPlaces.class);
        places.put(places.ready(place("ostrel.example", "SITE")), id);
        for (Function<Brand, Change> change : EveryChange.of(here.getBean(Ids.class))) {
            keeper.change(id, IfMatch.anything(), change);
        }
        keeper.undo(id, IfMatch.anything());
        keeper.undo(id, IfMatch.anything());
        keeper.redo(id, IfMatch.anything());
    }

    private static PlaceRow place(String name, String kind) {
        String given = "{\"colors\":[{\"swatch\":\"" + new UUID(0, 7)
                + "\",\"name\":\"Teal\",\"hex\":\"#0F7C7A\"}],\"logo\":\"key\"}";
        return new PlaceRow(new UUID(0, 1), new UUID(0, 1), name, kind, given, Instant.parse("2026-03-01T08:00:00Z"));
    }

    private void giveAFont(BrandFonts fonts) {
        ByteArrayInputStream font = new ByteArrayInputStream(ShippedFaces.bytes("lora-700.ttf"));
        try (IncomingFile file = here.getBean(BlobStore.class).receive(font)) {
            file.keep();
            fonts.put(fonts.ready(file.name(), 0, "lora.ttf"), id);
        }
    }

    @AfterEach
    void close() {
        here.close();
        there.close();
    }

    private ConfigurableApplicationContext shelf(String name) {
        return new SpringApplicationBuilder(ZumbidoApplication.class)
                .web(WebApplicationType.NONE)
                .run("--zumbido.data=" + temporary.resolve(name));
    }

    private static byte[] send(ConfigurableApplicationContext from, UUID... brands) {
        PackageService service = from.getBean(PackageService.class);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            service.write(service.pack(List.of(brands)), out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private List<PackageService.TakenIn> takeIn(ConfigurableApplicationContext shelf, byte[] file) {
        try {
            Path path = Files.write(temporary.resolve("sent.zip"), file);
            return shelf.getBean(PackageService.class).takeIn(path);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** What was taken off the sheet is still the logo, so it travels with the brand and with its copy. */
    @Test
    void bringsThePictureOfTheLogoAlong() {
        BrandKeeper keeper = here.getBean(BrandKeeper.class);
        UUID logo = here.getBean(SourceIntake.class).add(id, "mark.png", new ByteArrayInputStream(TestPictures.logo()));
        keeper.change(
                id,
                IfMatch.anything(),
                brand -> new LogoChange.SetForm(LogoForm.PRIMARY, new Drawn.OfFile(logo, false), "mark.png"));
        here.getBean(SourceIntake.class).remove(id, logo);
        takeIn(there, send(here, id));
        Brand arrived = there.getBean(BrandKeeper.class).load(id).brand();
        assertThat(there.getBean(BrandLogos.class).picture(arrived, LogoForm.PRIMARY, LogoVersion.LIGHT))
                .hasValueSatisfying(picture -> assertThat(picture.ratio()).isEqualTo(2));
        UUID copy = here.getBean(PackageService.class)
                .copy(id, "Ostrel Two")
                .brand()
                .id();
        Brand copied = keeper.load(copy).brand();
        assertThat(copied.logos().get(LogoForm.PRIMARY).drawn()).isNotEqualTo(new Drawn.OfFile(logo, false));
        assertThat(here.getBean(BrandLogos.class).picture(copied, LogoForm.PRIMARY, LogoVersion.LIGHT))
                .isPresent();
    }

    @Test
    void aPlaceThatCannotBeIsRefused() {
        BrandPlaces places = here.getBean(BrandPlaces.class);
        for (PlaceRow wrong : List.of(place("", "SITE"), place("Site", "MOON"))) {
            assertThatThrownBy(() -> places.ready(wrong)).isInstanceOf(IllegalArgumentException.class);
        }
    }

    @Test
    void isEqualToTheBitOnAnEmptyShelf() {
        byte[] sent = send(here, id);
        Brand taken = takeIn(there, sent).get(0).brand();
        assertThat(taken.id()).isEqualTo(id);
        assertThat(send(there, id)).isEqualTo(sent);
        assertThat(there.getBean(BrandFonts.class).ofBrand(id))
                .singleElement()
                .satisfies(font -> assertThat(font.family()).isEqualTo("Lora"))
                .satisfies(font -> assertThat(font.weight()).isEqualTo(700));
        assertThat(there.getBean(BrandPlaces.class).kept(id))
                .singleElement()
                .satisfies(place -> assertThat(place.name()).isEqualTo("ostrel.example"))
                .satisfies(place -> assertThat(place.given()).contains("#0F7C7A", "\"logo\":\"key\""));
        BrandKeeper keeper = there.getBean(BrandKeeper.class);
        assertThat(keeper.load(id)).isEqualTo(here.getBean(BrandKeeper.class).load(id));
        assertThat(keeper.trail(id, OptionalLong.empty(), 500))
                .isEqualTo(here.getBean(BrandKeeper.class).trail(id, OptionalLong.empty(), 500));
    }

    @Test
    void goesOnOverThere() {
        takeIn(there, send(here, id));
        BrandKeeper keeper = there.getBean(BrandKeeper.class);
        assertThat(keeper.redo(id, IfMatch.anything()).canRedo()).isFalse();
        for (int i = 0; keeper.load(id).canUndo(); i++) {
            keeper.undo(id, IfMatch.anything());
            assertThat(i).isLessThan(200);
        }
        assertThat(keeper.load(id).brand().palette().swatches()).isEmpty();
    }

    @Test
    void severalTravelTogetherAndShareTheirFiles() {
        UUID copy = here.getBean(PackageService.class)
                .copy(id, "Ostrel Autumn")
                .brand()
                .id();
        byte[] sent = send(here, id, copy);
        assertThat(parts(sent).keySet().stream().filter(path -> path.startsWith("files/")))
                // A picture and a font.
                .hasSize(2);
        assertThat(takeIn(there, sent))
                .extracting(taken -> taken.brand().name())
                .containsExactly("Ostrel", "Ostrel Autumn");
    }

    /** Keeps a ground over the brand's own picture. */
    private void keepAGroundOverTheLogo() {
        BrandKeeper keeper = here.getBean(BrandKeeper.class);
        UUID logo = onlySource(here, id);
        keeper.change(
                id,
                IfMatch.anything(),
                brand -> new GroundChange.KeepGround(new ComposedGround(
                        new UUID(5, 5),
                        "Over the logo",
                        new ComposedGround.Base.OfPicture(logo),
                        Optional.empty(),
                        new Paint.Fixed(Rgb.WHITE))));
    }

    private static UUID onlySource(ConfigurableApplicationContext shelf, UUID brand) {
        return shelf.getBean(PackageService.class)
                .pack(List.of(brand))
                .get(0)
                .sources()
                .get(0)
                .id();
    }

    private static ComposedGround.Base beneath(Brand brand) {
        return brand.grounds().find(new UUID(5, 5)).orElseThrow().base();
    }

    @Test
    void aCopyKeepsItsGroundsOverItsOwnPictures() {
        keepAGroundOverTheLogo();
        Brand copy =
                here.getBean(PackageService.class).copy(id, "Ostrel Autumn").brand();
        UUID own = onlySource(here, copy.id());
        assertThat(own).isNotEqualTo(onlySource(here, id));
        assertThat(beneath(copy)).isEqualTo(new ComposedGround.Base.OfPicture(own));
    }

    @Test
    void aBrandThatIsKnownGetsIdsOfItsOwnThroughout() {
        keepAGroundOverTheLogo();
        Brand original = here.getBean(BrandKeeper.class).load(id).brand();
        PackageService.TakenIn taken = takeIn(here, send(here, id)).get(0);
        assertThat(taken.copy()).isTrue();
        Brand copy = taken.brand();
        assertThat(copy.themes().ids())
                .doesNotContainAnyElementsOf(original.themes().ids());
        assertThat(copy.themes().all())
                .extracting(Theme::name)
                .isEqualTo(original.themes().all().stream().map(Theme::name).toList());
        assertThat(beneath(copy)).isEqualTo(new ComposedGround.Base.OfPicture(onlySource(here, copy.id())));
        BrandKeeper keeper = here.getBean(BrandKeeper.class);
        for (int i = 0; keeper.load(copy.id()).canUndo(); i++) {
            keeper.undo(copy.id(), IfMatch.anything());
            assertThat(keeper.load(copy.id()).brand().themes().ids())
                    .doesNotContainAnyElementsOf(original.themes().ids());
            assertThat(i).isLessThan(200);
        }
        assertThat(keeper.load(id).brand()).isEqualTo(original);
    }

    @Test
    void aCopyHasATrailOfItsOwnAndTheSameSources() {
        BrandKeeper keeper = here.getBean(BrandKeeper.class);
        Brand original = keeper.load(id).brand();
        Brand copy =
                here.getBean(PackageService.class).copy(id, "Ostrel Autumn").brand();
        assertThat(copy.palette()).isEqualTo(original.palette());
        assertThat(copy.look().theme().slots())
                .isEqualTo(original.look().theme().slots());
        assertThat(copy.look().themeId()).isNotEqualTo(original.look().themeId());
        assertThat(keeper.load(copy.id()).brand()).isEqualTo(copy);
        assertThat(keeper.load(copy.id()).canUndo()).isFalse();
        assertThat(here.getBean(PackageService.class)
                        .pack(List.of(copy.id()))
                        .get(0)
                        .sources())
                .extracting(SourceRecord::name)
                .containsExactly("logo.png");
    }

    @Test
    void onAShelfThatKnowsItItBecomesABrandOfItsOwn() {
        PackageService.TakenIn taken = takeIn(here, send(here, id)).get(0);
        assertThat(taken.copy()).isTrue();
        assertThat(taken.brand().id()).isNotEqualTo(id);
        BrandKeeper keeper = here.getBean(BrandKeeper.class);
        assertThat(keeper.load(taken.brand().id()).brand()).isEqualTo(taken.brand());
        keeper.undo(taken.brand().id(), IfMatch.anything());
        assertThat(keeper.load(id).brand().palette()).isEqualTo(taken.brand().palette());
    }

    @Test
    void whatIsDamagedIsRefusedAndNothingOfItStays() {
        byte[] sent = send(here, id);
        String brand = "brands/" + id + "/brand.json";
        String step = "brands/" + id + "/trail/00000006.json";
        refused(Arrays.copyOf(sent, sent.length / 2), "damaged, cut off");
        refused("This is no package.".getBytes(StandardCharsets.UTF_8), "another kind of file");
        refused(with(sent, "zumbido.json", "{\"format\":\"other\",\"version\":1}"), "no package of brands");
        refused(with(sent, "zumbido.json", "{\"format\":\"zumbido-package\",\"version\":3}"), "newer Zumbido");
        refused(with(sent, brand, "{\"brand\":7"), "cannot be read");
        refused(with(sent, brand, text(sent, brand).replaceAll("\"cursor\":\\d+", "\"cursor\":999")), "does not lead");
        refused(with(sent, step, text(sent, step).replaceFirst("\"base\":\\d+,", "\"base\":555,")), "leads nowhere");
        refused(with(sent, step, text(sent, step).replace("Deep channel", "Deep\\u0000channel")), "no file can carry");
        String file = parts(sent).keySet().stream()
                .filter(path -> path.startsWith("files/"))
                .findFirst()
                .orElseThrow();
        refused(with(sent, file, "changed"), "is not what it was");
        assertThat(there.getBean(BrandKeeper.class).keepsAny()).isFalse();
        assertThat(takeIn(there, sent)).hasSize(1);
    }

    /** Written by the program of its time and never again: it must be taken in for ever. */
    @Test
    void aPackageOfTheFirstVersionIsTakenIn() throws IOException {
        byte[] old;
        try (InputStream in = Objects.requireNonNull(getClass().getResourceAsStream("package-1.zip"))) {
            old = in.readAllBytes();
        }
        Brand brand = takeIn(there, old).get(0).brand();
        BrandKeeper keeper = there.getBean(BrandKeeper.class);
        assertThat(brand.name()).isEqualTo("Ostrel Ferries");
        assertThat(brand.palette().swatches()).hasSize(5);
        assertThat(keeper.load(brand.id()).brand()).isEqualTo(brand);
        Trail trail = keeper.trail(brand.id(), OptionalLong.empty(), 500);
        assertThat(trail.steps()).hasSizeGreaterThan(15);
        assertThat(trail.steps().get(0).note().kind()).isEqualTo(ChangeKind.BEGUN);
        for (int i = 0; keeper.load(brand.id()).canUndo(); i++) {
            keeper.undo(brand.id(), IfMatch.anything());
            assertThat(i).isLessThan(200);
        }
        assertThat(onlySource(there, brand.id())).isNotNull();
        assertThat(takeIn(here, send(there, brand.id())).get(0).brand().name()).isEqualTo("Ostrel Ferries");
    }

    private void refused(byte[] file, String why) {
        assertThatThrownBy(() -> takeIn(there, file))
                .isInstanceOf(PackageException.class)
                .hasMessageContaining(why);
        assertThatThrownBy(() -> there.getBean(BrandKeeper.class).load(id)).hasMessageContaining("no brand");
    }

    private static Map<String, byte[]> parts(byte[] file) {
        Map<String, byte[]> parts = new LinkedHashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                parts.put(entry.getName(), zip.readAllBytes());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return parts;
    }

    private static String text(byte[] file, String path) {
        return new String(parts(file).get(path), StandardCharsets.UTF_8);
    }

    private static byte[] with(byte[] file, String path, String content) {
        Map<String, byte[]> parts = parts(file);
        assertThat(parts).containsKey(path);
        assertThat(content).isNotEqualTo(new String(parts.get(path), StandardCharsets.UTF_8));
        parts.put(path, content.getBytes(StandardCharsets.UTF_8));
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> part : parts.entrySet()) {
                zip.putNextEntry(new ZipEntry(part.getKey()));
                zip.write(part.getValue());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }
}
