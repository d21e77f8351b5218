package app.zumbido.server.storage;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.brand.BrandChange;
import app.zumbido.server.ServerTest;
import app.zumbido.server.TestPictures;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.source.SourceIntake;
import app.zumbido.server.trail.BrandKeeper;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.Arrays;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

/** What goes wrong beneath the server is told where it matters, and the rest goes on. */
@ServerTest
class TroublesTest {
    private final HttpClient client = HttpClient.newHttpClient();

    @Autowired
    private BrandKeeper keeper;

    @Autowired
    private SourceIntake sources;

    @Autowired
    private BlobStore blobs;

    @Autowired
    private DataFolder folder;

    @LocalServerPort
    private int port;

    private UUID brand = new UUID(0, 0);

    @BeforeEach
    void begin() {
        brand = keeper.begin("Ostrel Ferries", Optional.empty()).brand().id();
    }

    private HttpResponse<String> send(String method, String path, String body)
            throws IOException, InterruptedException {
        return client.send(
                HttpRequest.newBuilder(URI.create("http://localhost:" + port + "/api/brands/" + brand + path))
                        .header("Content-Type", "application/json")
                        .header("If-Match", "*")
                        .method(method, BodyPublishers.ofString(body))
                        .build(),
                BodyHandlers.ofString());
    }

    /** Another program writes into the database and does not come to an end. */
    @Test
    void aDatabaseThatIsHeldByAnotherProgramIsSaidAndLetGoOf() throws Exception {
        try (Connection other = DriverManager.getConnection("jdbc:sqlite:" + folder.database());
                Statement statement = other.createStatement()) {
            statement.execute("BEGIN IMMEDIATE");
            HttpResponse<String> refused = send("PUT", "/name", "{\"name\":\"Not now\"}");
            assertThat(refused.statusCode()).isEqualTo(503);
            assertThat(refused.headers().firstValue("Retry-After")).isPresent();
            assertThat(refused.body()).contains("/problems/database-locked").contains("nothing was changed");
            assertThat(send("GET", "", "").body()).contains("\"name\":\"Ostrel Ferries\"");
            statement.execute("ROLLBACK");
        }
        assertThat(send("PUT", "/name", "{\"name\":\"Later\"}").statusCode()).isEqualTo(200);
    }

    @Test
    void aFileThatIsMissingIsSaidWhereItIsWanted() throws Exception {
        // One that nobody else has looked at: what comes of a file is kept in memory for a while.
        byte[] logo = Arrays.copyOf(TestPictures.logo(), TestPictures.logo().length + 1);
        UUID gone = sources.add(brand, "logo.png", new ByteArrayInputStream(logo));
        for (Path file : blobs.all()) {
            Files.delete(file);
        }
        HttpResponse<String> missing = send("GET", "/sources/" + gone + "/proposals", "");
        assertThat(missing.statusCode()).isEqualTo(404);
        assertThat(missing.body()).contains("/problems/file-missing").contains("Put it back from a copy");
        assertThat(send("GET", "/sources", "").body()).contains("logo.png");
        // Taken in once more, it is found again.
        sources.add(brand, "logo.png", new ByteArrayInputStream(logo));
        assertThat(send("GET", "/sources/" + gone + "/proposals", "").statusCode())
                .isEqualTo(200);
    }

    /** The snapshot of one brand is damaged on the disk; every other brand can be worked with. */
    @Test
    void aBrandThatIsDamagedKeepsNoOtherFromBeingWorkedWith() throws Exception {
        UUID damaged = brand;
        begin();
        try (Connection other = DriverManager.getConnection("jdbc:sqlite:" + folder.database());
                Statement statement = other.createStatement()) {
            statement.execute("UPDATE trail_step SET snapshot = x'00112233' WHERE brand_id = '" + damaged + "'");
        }
        keeper.change(brand, IfMatch.anything(), any -> new BrandChange.RenameBrand("Whole"));
        assertThat(send("GET", "", "").body()).contains("\"name\":\"Whole\"");
        brand = damaged;
        HttpResponse<String> told = send("GET", "", "");
        assertThat(told.statusCode()).isEqualTo(500);
        assertThat(told.body()).contains("/problems/database-damaged").contains("Other brands can be worked with");
    }
}
