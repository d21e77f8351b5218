package app.zumbido.formats.parcel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.BrandChange;
import app.zumbido.core.brand.TemplateDesign;
import app.zumbido.core.brand.ThemesChange;
import app.zumbido.core.logos.Corner;
import app.zumbido.core.theme.Turning;
import app.zumbido.formats.BrandExample;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.DeliveryWriter;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.listing.ListedFile;
import app.zumbido.formats.office.OfficeSchemas;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class ParcelTest {
    private static final Set<String> EVERYTHING =
            Catalogue.ITEMS.stream().map(Item::id).collect(Collectors.toSet());

    private static byte[] all = {};

    @BeforeAll
    static void writeAll() throws IOException {
        all = written(EVERYTHING, BrandExample.ferries());
    }

    private static byte[] written(Set<String> items, Brand brand) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        new Parcel(items, look -> "ostrel")
                .write(Order.of(brand.look(), Assets.NONE), out, (path, writer, look, content) -> {});
        return out.toByteArray();
    }

    @Test
    void everyFileStandsInItsFolderAndOnThePageOfContents() throws IOException {
        Map<String, byte[]> files = OfficeSchemas.parts(all);
        assertThat(files.keySet())
                .contains(
                        "slides/ostrel-16x9.potx",
                        "slides/ostrel-4x3.potx",
                        "documents/ostrel.dotx",
                        "documents/ostrel-letter.docx",
                        "workbooks/ostrel.xltx",
                        "theme-alone/theme.potx",
                        "opendocument/ostrel.otp",
                        "codes/ostrel.css",
                        "codes/ostrel-mail.html",
                        "swatches/ostrel-swatches-row.svg",
                        "backgrounds/backgrounds.css",
                        "contents.html");
        var page = Jsoup.parse(new String(files.get(Parcel.CONTENTS), StandardCharsets.UTF_8));
        List<String> links = page.select("a").eachAttr("href");
        assertThat(links).allSatisfy(link -> assertThat(files.keySet()).anyMatch(path -> path.startsWith(link)));
        files.keySet().stream()
                .filter(path -> !path.equals(Parcel.CONTENTS))
                .forEach(path -> assertThat(links).anyMatch(path::startsWith));
        assertThat(page.select("h2").size()).isEqualTo(page.select("h2 + p").size());
        assertThat(page.select("img, script, link")).isEmpty();
    }

    @Test
    void isTheSameEveryTimeAndHoldsWhatWasChosen() throws IOException {
        assertThat(written(EVERYTHING, BrandExample.ferries())).isEqualTo(all);
        assertThat(OfficeSchemas.parts(written(Set.of("workbook"), BrandExample.ferries())))
                .containsOnlyKeys("workbooks/ostrel.xltx", "contents.html");
    }

    @Test
    void leavesOutWhatSomethingStandsInTheWayOf() throws IOException {
        Brand empty = Brand.begin(new UUID(1, 1), "New", Optional.empty(), new UUID(1, 2));
        assertThat(OfficeSchemas.parts(written(EVERYTHING, empty)).keySet())
                .contains("codes/ostrel.css")
                .noneMatch(path -> path.startsWith("slides/") || path.startsWith("logos/"));
        assertThat(Parcel.possible(EVERYTHING, empty.look())).isNotEmpty();
    }

    /** A second file, unless it was chosen that they stand together. */
    @Test
    void theOtherThemesOfABrandComeAsFurtherTemplates() throws IOException {
        Brand ferries = BrandExample.ferries();
        Brand two = ferries.apply(new ThemesChange.AddTheme(
                Turning.of(ferries.look().theme(), ferries.palette(), ferries.roles())
                        .under(new UUID(7, 7))
                        .withName("Night"),
                Optional.empty()));
        assertThat(OfficeSchemas.parts(named(two)))
                .containsOnlyKeys(
                        "slides/Ostrel Ferries-16x9.potx",
                        "slides/Night-16x9.potx",
                        "slides/Ostrel Ferries-4x3.potx",
                        "slides/Night-4x3.potx",
                        "contents.html");
        Brand together = two.apply(new BrandChange.DesignTemplate(new TemplateDesign(
                TemplateDesign.TitleShape.FULL, TemplateDesign.BulletKind.ROUND, Corner.LOWER_RIGHT, true)));
        assertThat(OfficeSchemas.parts(named(together))).hasSize(3);
    }

    private static byte[] named(Brand brand) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        new Parcel(Set.of("presentation"), look -> look.theme().name())
                .write(Order.of(brand.look(), Assets.NONE), out, (path, writer, look, content) -> {});
        return out.toByteArray();
    }

    @Test
    void endsWhereSomebodyStopsIt() {
        List<String> done = new ArrayList<>();
        Parcel parcel = new Parcel(EVERYTHING, look -> "ostrel");
        Order order = Order.of(BrandExample.ferries().look(), Assets.NONE);
        assertThatThrownBy(() -> parcel.write(order, new ByteArrayOutputStream(), (path, writer, look, content) -> {
                    done.add(path);
                    if (done.size() == 3) {
                        throw new IllegalStateException("stopped");
                    }
                }))
                .hasMessage("stopped");
        assertThat(done).hasSize(3);
    }

    static List<DeliveryWriter> writers() {
        return Catalogue.writers()
                .filter(writer ->
                        writer.obstacles(BrandExample.ferries().look()).isEmpty())
                .toList();
    }

    /** Names of every kind that people have: whatever is in them, the file can be opened, and no name is lost in it. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "Föhr & <Söhne> \"Nord\" 'Süd' \uD83D\uDEA2 Ferries \uD83C\uDF0A",
                "..\u0301\u200B\u2066\uFFFC שייט \u202Eאוסטרל\u202C ]]> --> */ {{x}} ${y} %s %d \\ / : * ? |",
                "=cmd|' /C calc'!A0 <!DOCTYPE a [<!ENTITY b 'c'>]>&b; '); DROP TABLE brand;--"
            })
    void carriesNamesOfEveryKind(String name) throws IOException {
        String swatch = name.length() > 60 ? name.substring(0, 60) : name;
        Brand brand = BrandExample.brand(name, swatch + " 0B2A4A", "Teal 0F7C7A", "Orange F2682A");
        Map<String, byte[]> files = OfficeSchemas.parts(written(EVERYTHING, brand));
        assertThat(files.keySet())
                .allSatisfy(path -> assertThat(path)
                        .doesNotContain("..", "\\", ":", "\u202E", "\u2066")
                        .doesNotStartWith("/"));
        files.forEach((path, content) -> {
            if (path.matches(".*\\.(potx|pptx|dotx|docx|xltx)")) {
                assertThat(OfficeSchemas.errors(content)).as(path).isEmpty();
            }
        });
        var theme = ListedFile.read(files.get("slides/ostrel-16x9.potx"))
                .orElseThrow()
                .inventory()
                .theme()
                .orElseThrow();
        assertThat(theme.name()).isEqualTo(name);
        var svg = Jsoup.parse(
                new String(files.get("swatches/ostrel-swatches.svg"), StandardCharsets.UTF_8),
                "",
                org.jsoup.parser.Parser.xmlParser());
        assertThat(svg.select("title").first().wholeText()).isEqualTo("OF " + swatch);
    }

    /** As long as a brand's name may be, and a kind of every file. */
    @ParameterizedTest
    @MethodSource("writers")
    void carriesTheLongestName(DeliveryWriter writer) {
        Brand brand = BrandExample.brand("Ä".repeat(Brand.LONGEST_NAME), "Night 0B2A4A", "Teal 0F7C7A");
        byte[] file = BrandExample.written(writer, brand);
        assertThat(file).isNotEmpty().isEqualTo(BrandExample.written(writer, brand));
    }

    @Test
    void everyKindComesOnce() {
        assertThat(Catalogue.writers().map(DeliveryWriter::kind)).doesNotHaveDuplicates();
        assertThat(Catalogue.writers().map(DeliveryWriter::ending)).doesNotHaveDuplicates();
    }
}
