package app.zumbido.server.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;

import app.zumbido.core.brand.BrandChange;
import app.zumbido.server.TestPictures;
import app.zumbido.server.ZumbidoApplication;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.source.SourceIntake;
import app.zumbido.server.storage.BlobStore;
import app.zumbido.server.storage.CannotStartException;
import app.zumbido.server.storage.DataFolder;
import app.zumbido.server.trail.BrandKeeper;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.assertj.core.api.InstanceOfAssertFactories;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.WebApplicationType;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

class BackupsTest {
    @TempDir
    private Path temporary;

    private Path data() {
        return temporary.resolve("data");
    }

    private ConfigurableApplicationContext live() {
        return new SpringApplicationBuilder(ZumbidoApplication.class)
                .web(WebApplicationType.NONE)
                .run("--zumbido.data=" + data());
    }

    private static int run(String... arguments) {
        return BackupCommands.run(arguments);
    }

    private static String name(ConfigurableApplicationContext server, UUID brand) {
        return server.getBean(BrandKeeper.class).load(brand).brand().name();
    }

    private List<String> backups() throws IOException {
        try (Stream<Path> files = Files.list(data().resolve("backups"))) {
            return files.map(file -> file.getFileName().toString()).sorted().toList();
        }
    }

    /** Made while the server runs, by the page and by the command; each is put back with one command. */
    @Test
    void everythingIsPutBackFromACopyThatWasMadeWhileTheServerRan() throws IOException {
        Path byPage = temporary.resolve("page.zip");
        Path byCommand = temporary.resolve("command.zip");
        UUID brand;
        List<Path> files;
        try (ConfigurableApplicationContext server = live()) {
            BrandKeeper keeper = server.getBean(BrandKeeper.class);
            brand = keeper.begin("Ostrel Ferries", Optional.empty()).brand().id();
            server.getBean(SourceIntake.class).add(brand, "logo.png", new ByteArrayInputStream(TestPictures.logo()));
            try (OutputStream out = Files.newOutputStream(byPage)) {
                server.getBean(Backups.class).writeTo(out);
            }
            assertThat(run("backup", byCommand.toString(), "--zumbido.data=" + data()))
                    .isZero();
            keeper.change(brand, IfMatch.anything(), any -> new BrandChange.RenameBrand("Changed afterwards"));
            files = server.getBean(BlobStore.class).all();
            assertThat(files).isNotEmpty();
            assertThat(run("restore", byPage.toString(), "--zumbido.data=" + data()))
                    .as("not beneath a server that runs")
                    .isEqualTo(1);
        }
        for (Path copy : List.of(byPage, byCommand)) {
            for (Path file : files) {
                Files.delete(file);
            }
            assertThat(run("restore", copy.toString(), "--zumbido.data=" + data()))
                    .isZero();
            try (ConfigurableApplicationContext server = live()) {
                assertThat(name(server, brand)).isEqualTo("Ostrel Ferries");
                assertThat(server.getBean(BlobStore.class).all()).isEqualTo(files);
                server.getBean(BrandKeeper.class)
                        .change(brand, IfMatch.anything(), any -> new BrandChange.RenameBrand("Changed again"));
            }
        }
        assertThat(backups()).anyMatch(name -> name.startsWith("before-restoring-"));
    }

    /** A copy that is damaged changes nothing. */
    @Test
    void aDamagedCopyIsRefusedAndNothingIsChanged() throws IOException {
        UUID brand;
        Path copy = temporary.resolve("copy.zip");
        try (ConfigurableApplicationContext server = live()) {
            brand = server.getBean(BrandKeeper.class)
                    .begin("Ostrel Ferries", Optional.empty())
                    .brand()
                    .id();
        }
        assertThat(run("backup", copy.toString(), "--zumbido.data=" + data())).isZero();
        byte[] whole = Files.readAllBytes(copy);
        for (int length : new int[] {0, 100, whole.length / 2, whole.length - 1}) {
            Path cut = Files.write(temporary.resolve("cut.zip"), Arrays.copyOf(whole, length));
            assertThat(run("restore", cut.toString(), "--zumbido.data=" + data()))
                    .isEqualTo(1);
        }
        assertThat(run("restore", temporary.resolve("nowhere").toString(), "--zumbido.data=" + data()))
                .isEqualTo(1);
        assertThat(run("restore")).isEqualTo(2);
        Path nowhere = temporary.resolve("nowhere");
        assertThat(run("backup", nowhere.resolve("copy.zip").toString(), "--zumbido.data=" + data()))
                .isEqualTo(1);
        assertThat(run("backup", temporary.toString(), "--zumbido.data=" + data()))
                .isEqualTo(1);
        assertThat(nowhere).doesNotExist();
        try (ConfigurableApplicationContext server = live()) {
            assertThat(name(server, brand)).isEqualTo("Ostrel Ferries");
        }
    }

    @Test
    void oneCopyADayIsKeptForAWeekAndEachCanBePutBack() throws IOException {
        UUID brand;
        try (ConfigurableApplicationContext server = live()) {
            brand = server.getBean(BrandKeeper.class)
                    .begin("Of the ninth day", Optional.empty())
                    .brand()
                    .id();
            for (int day = 1; day <= 9; day++) {
                Instant morning = Instant.parse("2026-03-01T08:00:00Z").plus(Duration.ofDays(day - 1));
                Backups backups = new Backups(
                        server.getBean(DataFolder.class),
                        server.getBean(BlobStore.class),
                        Clock.fixed(morning, ZoneOffset.UTC));
                backups.daily();
                backups.daily();
            }
            server.getBean(BrandKeeper.class)
                    .change(brand, IfMatch.anything(), any -> new BrandChange.RenameBrand("Of the tenth"));
        }
        assertThat(backups()).hasSize(7).startsWith("2026-03-03.db").endsWith("2026-03-09.db");
        assertThat(run("restore", data().resolve("backups/2026-03-09.db").toString(), "--zumbido.data=" + data()))
                .isZero();
        try (ConfigurableApplicationContext server = live()) {
            assertThat(name(server, brand)).isEqualTo("Of the ninth day");
        }
    }

    private void execute(String sql) throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + DataFolder.database(data()));
                Statement statement = connection.createStatement()) {
            statement.execute(sql);
        }
    }

    private CannotStartException refusal() {
        Throwable thrown = catchThrowable(() -> live().close());
        while (thrown != null && !(thrown instanceof CannotStartException)) {
            thrown = thrown.getCause();
        }
        assertThat(thrown).as("why it does not start").isNotNull();
        return (CannotStartException) thrown;
    }

    @Test
    void aFolderOfANewerProgramIsRefusedAndLeftAsItIs() throws Exception {
        live().close();
        execute("INSERT INTO flyway_schema_history (installed_rank, version, description, type, script, checksum,"
                + " installed_by, execution_time, success)"
                + " VALUES (999, '999', 'of the future', 'SQL', 'V999__future.sql', 1, 'x', 1, 1)");
        byte[] before = Files.readAllBytes(DataFolder.database(data()));
        assertThat(refusal())
                .hasMessageContaining("newer Zumbido (its form is 999)")
                .extracting(CannotStartException::remedy, InstanceOfAssertFactories.STRING)
                .contains("Start the newer one");
        assertThat(Files.readAllBytes(DataFolder.database(data()))).isEqualTo(before);
    }

    @Test
    void aDamagedDatabaseIsToldWithWhatToDo() throws Exception {
        live().close();
        Files.write(DataFolder.database(data()), new byte[8192]);
        Files.writeString(DataFolder.database(data()), "this is no database at all, whatever its name says");
        assertThat(refusal())
                .hasMessageContaining("cannot be read")
                .extracting(CannotStartException::remedy, InstanceOfAssertFactories.STRING)
                .contains("restore FILE");
    }

    /** A database in the form before the last one. */
    @Test
    void aCopyIsMadeBeforeTheFormChanges() throws Exception {
        live().close();
        String last;
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + DataFolder.database(data()));
                Statement statement = connection.createStatement();
                ResultSet result = statement.executeQuery(
                        "SELECT version FROM flyway_schema_history ORDER BY installed_rank DESC LIMIT 1")) {
            last = result.getString(1);
        }
        execute("DELETE FROM flyway_schema_history WHERE version = '" + last + "'");
        // Whether it can be done a second time or not: a copy is made before.
        catchThrowable(() -> live().close());
        assertThat(backups())
                .singleElement()
                .asString()
                .startsWith("before-form-" + (Integer.parseInt(last) - 1) + "-left-");
    }
}
