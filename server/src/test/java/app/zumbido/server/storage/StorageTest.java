package app.zumbido.server.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.SequenceInputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class StorageTest {
    /** Source: FIPS 180-4, the example of the one-block message 'abc'. */
    private static final String SHA_OF_ABC = "ba7816bf8f01cfea414140de5dae2223b00361a396177a9cb410ff61f20015ad";

    private static final byte[] ABC = "abc".getBytes(StandardCharsets.US_ASCII);

    @TempDir
    private Path temporary;

    private static String put(BlobStore blobs, byte[] content) {
        try (IncomingFile file = blobs.receive(new ByteArrayInputStream(content))) {
            file.keep();
            return file.name();
        }
    }

    @Test
    void leavesNothingOfAFileThatNobodyKeeps() throws IOException {
        DataFolder folder = new DataFolder(temporary.resolve("data").toString());
        BlobStore blobs = new BlobStore(folder);
        try (IncomingFile file = blobs.receive(new ByteArrayInputStream(ABC))) {
            assertThat(file.name()).isEqualTo(SHA_OF_ABC);
            assertThat(file.content()).isEqualTo(ABC);
        }
        InputStream cut = new SequenceInputStream(new ByteArrayInputStream(ABC), new InputStream() {
            @Override
            public int read() throws IOException {
                throw new IOException("cut off");
            }
        });
        assertThatThrownBy(() -> blobs.receive(cut)).hasRootCauseMessage("cut off");
        try (var files = Files.walk(folder.root())) {
            assertThat(files.filter(Files::isRegularFile))
                    .containsOnly(folder.root().resolve("lock"));
        }
        folder.destroy();
    }

    @Test
    void clearsAwayAtTheStartWhatWasOnItsWayToAnEarlierServer() throws IOException {
        Path root = temporary.resolve("data");
        DataFolder killed = new DataFolder(root.toString());
        Files.writeString(
                Files.createDirectory(killed.onItsWay().resolve("drawing")).resolve("font"), "left");
        Files.writeString(killed.onItsWay().resolve("whole"), "left");
        killed.destroy();
        DataFolder next = new DataFolder(root.toString());
        assertThat(next.onItsWay()).isEmptyDirectory();
        next.destroy();
    }

    @Test
    void keepsAFileOnceUnderItsSha256() throws IOException {
        DataFolder folder = new DataFolder(temporary.resolve("data").toString());
        BlobStore blobs = new BlobStore(folder);
        assertThat(put(blobs, ABC)).isEqualTo(SHA_OF_ABC).isEqualTo(put(blobs, ABC));
        assertThat(blobs.get(SHA_OF_ABC)).isEqualTo(ABC);
        try (var files = Files.walk(folder.blobs())) {
            assertThat(files.filter(Files::isRegularFile)).hasSize(1);
        }
        folder.destroy();
    }

    /** Copies of the database of the last seven days may name what is named no more. */
    @Test
    void clearsWhatNobodyHasNamedForLongerThanCopiesAreKept() throws IOException {
        DataFolder folder = new DataFolder(temporary.resolve("data").toString());
        BlobStore blobs = new BlobStore(folder);
        String named = put(blobs, ABC);
        String given = put(blobs, new byte[] {1});
        String again = put(blobs, new byte[] {2});
        Instant monday = Instant.parse("2026-03-02T08:00:00Z");
        blobs.clear(Set.of(named), monday);
        blobs.clear(Set.of(named, again), monday.plus(Duration.ofDays(7)));
        assertThat(blobs.all()).hasSize(3);
        blobs.clear(Set.of(named), monday.plus(Duration.ofDays(9)));
        assertThat(blobs.get(named)).isEqualTo(ABC);
        assertThat(blobs.get(again))
                .as("named meanwhile, so its time begins anew")
                .hasSize(1);
        assertThatThrownBy(() -> blobs.get(given)).isInstanceOf(MissingFileException.class);
        folder.destroy();
    }

    /** A clock that is set back neither clears anything early nor keeps it for ever. */
    @Test
    void clearsByAClockThatWasSetBack() throws IOException {
        DataFolder folder = new DataFolder(temporary.resolve("data").toString());
        BlobStore blobs = new BlobStore(folder);
        put(blobs, ABC);
        Instant monday = Instant.parse("2026-03-02T08:00:00Z");
        blobs.clear(Set.of(), monday.plus(Duration.ofDays(400)));
        blobs.clear(Set.of(), monday);
        assertThat(blobs.all()).hasSize(1);
        blobs.clear(Set.of(), monday.plus(Duration.ofDays(9)));
        assertThat(blobs.all()).isEmpty();
        folder.destroy();
    }

    @Test
    void sharesItsFolderWithNobody() throws IOException {
        Path root = temporary.resolve("data");
        DataFolder first = new DataFolder(root.toString());
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(root)))
                .isEqualTo("rwx------");
        assertThatThrownBy(() -> new DataFolder(root.toString()))
                .isInstanceOf(CannotStartException.class)
                .hasMessageStartingWith("Another Zumbido is using the data folder");
        first.destroy();
        new DataFolder(root.toString()).destroy();
    }

    @Test
    void saysThatItsFolderCannotBeWritten() throws IOException {
        Path file = Files.writeString(temporary.resolve("file"), "not a folder");
        assertThatThrownBy(() -> new DataFolder(file.resolve("data").toString()))
                .isInstanceOfSatisfying(CannotStartException.class, thrown -> {
                    assertThat(thrown).hasMessageContaining("cannot be written to");
                    assertThat(thrown.remedy()).contains("--data");
                });
    }

    /** Source: XDG Base Directory Specification 0.8; macOS and Windows from memory. */
    @Test
    void liesInTheUsersOwnPlace() {
        Path home = Path.of("/home/ines");
        assertThat(UserFolder.of("Linux", home, Map.of())).isEqualTo(home.resolve(".local/share/zumbido"));
        assertThat(UserFolder.of("Linux", home, Map.of("XDG_DATA_HOME", "/data")))
                .isEqualTo(Path.of("/data/zumbido"));
        assertThat(UserFolder.of("Linux", home, Map.of("XDG_DATA_HOME", "relative")))
                .isEqualTo(home.resolve(".local/share/zumbido"));
        assertThat(UserFolder.of("Linux", home, Map.of("HOME", "/home/other")))
                .isEqualTo(Path.of("/home/other/.local/share/zumbido"));
        assertThat(UserFolder.of("Mac OS X", home, Map.of()))
                .isEqualTo(home.resolve("Library/Application Support/Zumbido"));
        assertThat(UserFolder.of("Windows 11", home, Map.of())).isEqualTo(home.resolve("AppData/Local/Zumbido"));
        assertThat(DataFolder.path("given")).isEqualTo(Path.of("given").toAbsolutePath());
    }

    /** What is made after the clock was set back still sorts behind what was made before. */
    @Test
    void makesIdsThatSortWhenTheClockIsSetBack() {
        AtomicLong millis = new AtomicLong(5_000_000);
        Ids ids = new Ids(new Clock() {
            @Override
            public ZoneId getZone() {
                return ZoneOffset.UTC;
            }

            @Override
            public Clock withZone(ZoneId zone) {
                return this;
            }

            @Override
            public Instant instant() {
                return Instant.ofEpochMilli(millis.get());
            }
        });
        UUID earlier = ids.next();
        millis.set(1_000_000);
        UUID later = ids.next();
        assertThat(earlier.toString()).isLessThan(later.toString());
        assertThat(ids.next().toString()).isGreaterThan(later.toString());
    }

    @Test
    void makesIdsThatSortByTimeAndAreOfVersion7() {
        UUID earlier = new Ids(Clock.fixed(Instant.ofEpochMilli(1_000_000), ZoneOffset.UTC)).next();
        UUID later = new Ids(Clock.fixed(Instant.ofEpochMilli(1_000_001), ZoneOffset.UTC)).next();
        assertThat(earlier.version()).isEqualTo(7);
        assertThat(earlier.variant()).isEqualTo(2);
        assertThat(earlier.toString()).isLessThan(later.toString());
    }
}
