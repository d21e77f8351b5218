package app.zumbido.server.existing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.server.ServerTest;
import app.zumbido.server.trail.BrandKeeper;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;

/** Files beside a brand, on a real database and a real folder. */
@ServerTest
class ExistingFilesTest {
    @Autowired
    private ExistingFiles files;

    @Autowired
    private BrandKeeper keeper;

    private UUID brand() {
        return keeper.begin("Observatory", Optional.empty()).brand().id();
    }

    private static InputStream deck() {
        try (InputStream in =
                Objects.requireNonNull(ExistingFilesTest.class.getResourceAsStream("/demo/evening-visits.pptx"))) {
            return new ByteArrayInputStream(in.readAllBytes());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Test
    void knowsTheNextVersionOfAFileByWhatItSaysWhateverItIsCalled() {
        UUID brand = brand();
        ExistingFileRow first = files.add(brand, "evening-visits.pptx", deck());
        ExistingFileRow next = files.add(brand, "something else.pptx", deck());
        assertThat(next.lineage()).isEqualTo(first.lineage()).isEqualTo(first.id());
        assertThat(files.add(brand(), "evening-visits.pptx", deck()).lineage()).isNotEqualTo(first.lineage());
    }

    @Test
    void remembersForTheNextVersionWhatWasLeftOnPurpose() {
        UUID brand = brand();
        ExistingFileRow first = files.add(brand, "evening-visits.pptx", deck());
        files.leave(first, "fault", "because of the sponsor");
        files.leave(first, "fault", "the sponsor wants it");
        ExistingFileRow next = files.add(brand, "evening-visits (2).pptx", deck());
        assertThat(files.left(next)).singleElement().satisfies(left -> {
            assertThat(left.fault()).isEqualTo("fault");
            assertThat(left.because()).isEqualTo("the sponsor wants it");
        });
        files.takeBack(next, "fault");
        assertThat(files.left(first)).isEmpty();
    }

    @Test
    void takesFilesAwayAndPutsThemBack() {
        UUID brand = brand();
        ExistingFileRow row = files.add(brand, "evening-visits.pptx", deck());
        files.remove(brand, row.id());
        assertThat(files.list(brand)).isEmpty();
        assertThatThrownBy(() -> files.find(brand, row.id())).isInstanceOf(UnknownFileException.class);
        assertThat(files.heldBlobs()).contains(row.blob());
        files.putBack(brand, row.id());
        assertThat(files.list(brand)).containsExactly(row);
    }

    @Test
    void keepsNothingOfWhatCannotBeRead() {
        UUID brand = brand();
        byte[] cut = {0x50, 0x4B, 3, 4, 0, 0, 0, 0};
        assertThatThrownBy(() -> files.add(brand, "cut.pptx", new ByteArrayInputStream(cut)))
                .isInstanceOf(UnreadableImageException.class);
        byte[] locked = {(byte) 0xD0, (byte) 0xCF, 0x11, (byte) 0xE0, 0};
        assertThatThrownBy(() -> files.add(brand, "locked.pptx", new ByteArrayInputStream(locked)))
                .hasMessageContaining("password");
        assertThat(files.list(brand)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "evening-visits.pptx, evening-visits",
        "Evening Visits (2).pptx, evening visits",
        "evening-visits_v12.pptx, evening-visits",
        "evening-visits 2026-11-28.pptx, evening-visits",
        "evening-visits final.pptx, evening-visits",
        "letter, letter"
    })
    void comparesNamesWithoutWhatIsAddedToThem(String name, String stem) {
        assertThat(ExistingFiles.stem(name)).isEqualTo(stem);
    }
}
