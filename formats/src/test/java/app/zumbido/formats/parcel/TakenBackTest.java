package app.zumbido.formats.parcel;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.ThemeTaking;
import app.zumbido.core.inspect.FoundTheme;
import app.zumbido.core.palette.Swatch;
import app.zumbido.formats.BrandExample;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.listing.ListedFile;
import app.zumbido.formats.office.OfficeSchemas;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import org.assertj.core.groups.Tuple;
import org.junit.jupiter.api.Test;

/** Every office file of a parcel, read again as if somebody dropped it: colours, names, slots and fonts come back. */
class TakenBackTest {
    private static final Brand BRAND = BrandExample.brand(
            "Kilnmark",
            "Kiln C2452D",
            "Ash grey 8C8C88",
            "Paper F6EFE2",
            "Soot 1E1B18",
            "Glaze 3E7CB1",
            "Moss 9BC53D",
            "Lime wash FFFFFF");

    private static List<Tuple> palette(Brand brand) {
        return brand.palette().swatches().stream()
                .map(swatch -> Tuple.tuple(swatch.name(), swatch.color()))
                .toList();
    }

    private static Map<String, byte[]> files() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        new Parcel(
                        Set.of("presentation", "specimen-slides", "documents", "workbook", "theme", "opendocument"),
                        look -> "kilnmark")
                .write(Order.of(BRAND.look(), Assets.NONE), out, (path, writer, look, content) -> {});
        return OfficeSchemas.parts(out.toByteArray());
    }

    @Test
    void everyOfficeFileGivesTheBrandAgain() throws IOException {
        int taken = 0;
        for (Map.Entry<String, byte[]> file : files().entrySet()) {
            if (file.getKey().matches(".*\\.(potx|pptx|dotx|docx|xltx|otp|ott|ots)")) {
                FoundTheme found = ListedFile.read(file.getValue())
                        .orElseThrow()
                        .inventory()
                        .theme()
                        .orElseThrow();
                AtomicLong ids = new AtomicLong(100);
                Brand empty = Brand.begin(new UUID(1, 1), "Begun anew", Optional.empty(), new UUID(1, 2));
                Brand again = empty.apply(
                        ThemeTaking.from(found, file.getKey(), empty, () -> new UUID(9, ids.incrementAndGet())));
                assertThat(palette(again)).as(file.getKey()).containsExactlyElementsOf(palette(BRAND));
                assertThat(again.look().colors()).isEqualTo(BRAND.look().colors());
                assertThat(again.type().pair()).isEqualTo(BRAND.type().pair());
                assertThat(again.themes().first().name()).isEqualTo("Kilnmark");
                taken++;
            }
        }
        assertThat(taken).isEqualTo(2 + 2 + 4 + 1 + 3 + 3);
    }

    /** Letters in front of names are the file's; a palette whose names begin alike by chance keeps them. */
    @Test
    void keepsNamesThatOnlyLookAsIfTheyHadACode() throws IOException {
        Brand brand = BrandExample.brand("Paint", "Sea blue 0F7C7A", "Sea green 1FA37A", "Night 0B2A4A");
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        new Parcel(Set.of("workbook"), look -> "paint")
                .write(Order.of(brand.look(), Assets.NONE), out, (path, writer, look, content) -> {});
        FoundTheme found = ListedFile.read(
                        OfficeSchemas.parts(out.toByteArray()).get("workbooks/paint.xltx"))
                .orElseThrow()
                .inventory()
                .theme()
                .orElseThrow();
        assertThat(found.named())
                .extracting(FoundTheme.NamedColor::name)
                .containsExactlyElementsOf(
                        brand.palette().swatches().stream().map(Swatch::name).toList());
    }
}
