package app.zumbido.server.storage;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Swatch;
import app.zumbido.server.ZumbidoApplication;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.trail.BrandKeeper;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalLong;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.WebApplicationType;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;

/** A folder that the program of its time left behind, when the present of a brand stood in tables of its own. */
class OldFolderTest {
    private static final UUID BRAND = UUID.fromString("01a21c2d-70c2-7d5a-b279-4e31c76b27ec");

    @TempDir
    private Path data;

    @BeforeEach
    void unpack() throws IOException {
        try (InputStream in = Objects.requireNonNull(getClass().getResourceAsStream("data-folder-11.zip"));
                ZipInputStream zip = new ZipInputStream(in)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                Path path = data.resolve(entry.getName());
                if (entry.isDirectory()) {
                    Files.createDirectories(path);
                } else {
                    Files.copy(zip, path);
                }
            }
        }
    }

    private ConfigurableApplicationContext live() {
        return new SpringApplicationBuilder(ZumbidoApplication.class)
                .web(WebApplicationType.NONE)
                .run("--zumbido.data=" + data);
    }

    @Test
    void opensWithEverythingThatWasInIt() {
        try (ConfigurableApplicationContext server = live()) {
            BrandKeeper keeper = server.getBean(BrandKeeper.class);
            Brand brand = keeper.load(BRAND).brand();
            assertThat(brand.name()).isEqualTo("Ostrel Ferries");
            assertThat(brand.shortCode()).contains("OF");
            assertThat(brand.palette().swatches())
                    .extracting(Swatch::name)
                    .containsExactly("Night channel", "Harbour teal", "Buoy orange", "Foam", "Pale teal");
            assertThat(brand.look().colors().values()).contains(Rgb.ofHex("FFD400"));
            assertThat(brand.themes().all()).hasSize(2);
            assertThat(brand.grounds().pairs()).hasSize(3);
            assertThat(brand.grounds().composed()).hasSize(2);
            assertThat(keeper.trail(BRAND, OptionalLong.empty(), 100).steps()).hasSizeGreaterThan(15);
            for (int i = 0; keeper.load(BRAND).canUndo(); i++) {
                keeper.undo(BRAND, IfMatch.anything());
                assertThat(i).isLessThan(200);
            }
            assertThat(keeper.load(BRAND).brand().palette().swatches()).isEmpty();
        }
    }

    @Test
    void keepsBesideTheSnapshotsOnlyWhatIsLookedForOrJoined() {
        try (ConfigurableApplicationContext server = live()) {
            JdbcTemplate database = server.getBean(JdbcTemplate.class);
            assertThat(database.queryForList(
                            "SELECT name FROM sqlite_schema WHERE type = 'table' AND name NOT LIKE 'sqlite%'",
                            String.class))
                    .containsExactlyInAnyOrder(
                            "brand",
                            "trail_step",
                            "shelf_color",
                            "source",
                            "font",
                            "handed_over",
                            "existing_file",
                            "left_on_purpose",
                            "place_of_use",
                            "brand_defaults",
                            "default_group",
                            "flyway_schema_history");
            assertThat(database.queryForList("SELECT hex, name FROM shelf_color ORDER BY position LIMIT 2"))
                    .containsExactly(
                            Map.of("hex", "#0B2A4A", "name", "Night channel"),
                            Map.of("hex", "#0F7C7A", "name", "Harbour teal"));
        }
    }
}
