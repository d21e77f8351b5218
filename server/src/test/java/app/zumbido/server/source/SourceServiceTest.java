package app.zumbido.server.source;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.lenient;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.verifyNoInteractions;
import static org.mockito.Mockito.when;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Change;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.extraction.Place;
import app.zumbido.core.extraction.SampleArea;
import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.server.TestPictures;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.storage.IncomingFile;
import app.zumbido.server.trail.UnknownBrandException;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mockito.ArgumentCaptor;
import org.mockito.Mock;

class SourceServiceTest extends SourceTest {
    @Mock
    private IncomingFile incoming;

    /** The file comes in under that name. */
    private UUID add(String fileName, byte[] file, String blob) {
        when(blobs.receive(any())).thenReturn(incoming);
        when(incoming.content()).thenReturn(file);
        lenient().when(incoming.name()).thenReturn(blob);
        return service.add(BRAND, fileName, new ByteArrayInputStream(file));
    }

    @Test
    void keepsWhatCanBeRead() {
        add("C:\\pictures\\logo.png", TestPictures.logo(), BLOB);
        verify(incoming).keep();
        verify(incoming).close();
        ArgumentCaptor<SourceRow> row = ArgumentCaptor.forClass(SourceRow.class);
        verify(mapper).insert(row.capture());
        assertThat(row.getValue().name()).isEqualTo("logo.png");
        assertThat(row.getValue().width()).isEqualTo(200);
        assertThat(row.getValue().addedAt()).isEqualTo(CLOCK.instant());
    }

    @Test
    void keepsEveryPageOfADocumentAndTheNamesOnIt() throws IOException {
        byte[] manual = TestPictures.manual("Harbour teal #0F7C7A", "Buoy orange F2682A");
        add("manual.pdf", manual, BLOB);
        ArgumentCaptor<SourceRow> rows = ArgumentCaptor.forClass(SourceRow.class);
        verify(mapper, times(2)).insert(rows.capture());
        assertThat(rows.getAllValues())
                .extracting(SourceRow::name)
                .containsExactly("manual.pdf, page 1", "manual.pdf, page 2");
        SourceRow second = rows.getAllValues().get(1);
        when(mapper.find(BRAND, second.id())).thenReturn(second);
        when(blobs.get(BLOB)).thenReturn(manual);
        assertThat(service.extraction(BRAND, second.id(), Optional.empty()).proposals())
                .extracting(proposal -> proposal.color().hex())
                .contains("#F2682A")
                .doesNotContain("#0F7C7A");
        assertThat(service.names(BRAND, second.id())).containsEntry(Rgb.ofHex("F2682A"), "Buoy orange");
    }

    @Test
    void storesNothingOfWhatCannotBeRead() {
        byte[] text = "no picture".getBytes(StandardCharsets.UTF_8);
        assertThatThrownBy(() -> add("logo.png", text, BLOB)).isInstanceOf(UnreadableImageException.class);
        verify(incoming, never()).keep();
        verify(incoming).close();
        verify(mapper, never()).insert(any());
    }

    @Test
    void takesNothingInForABrandThatIsNotThere() {
        doThrow(new UnknownBrandException(BRAND)).when(keeper).require(BRAND);
        InputStream logo = new ByteArrayInputStream(TestPictures.logo());
        assertThatThrownBy(() -> service.add(BRAND, "logo.png", logo)).isInstanceOf(UnknownBrandException.class);
        verifyNoInteractions(blobs);
    }

    /** What was decoded to be checked is not read again. */
    @Test
    void aPictureThatHasComeInIsNotDecodedAgain() {
        UUID id = add("logo.png", TestPictures.logo(), BLOB);
        ArgumentCaptor<SourceRow> row = ArgumentCaptor.forClass(SourceRow.class);
        verify(mapper).insert(row.capture());
        when(mapper.find(BRAND, id)).thenReturn(row.getValue());
        assertThat(new SourcePixels(service, pictures).sample(BRAND, id, new Place(30, 30), SampleArea.ONE))
                .isEqualTo(Rgb.ofHex("0B2A4A"));
        verify(blobs, never()).get(any());
    }

    @Test
    void draftsNothingFromAnEmptyPicture() {
        hold(TestPictures.nothing());
        Brand empty = Brand.begin(BRAND, "Ostrel Ferries", Optional.empty(), new UUID(1, 9));
        when(keeper.change(any(), any(), any())).thenAnswer(call -> {
            call.<Function<Brand, Change>>getArgument(2).apply(empty);
            return null;
        });
        assertThatThrownBy(() -> service.draft(BRAND, SOURCE, IfMatch.anything()))
                .isInstanceOf(DraftException.class)
                .hasMessageContaining("shows no colour");
    }

    @ParameterizedTest
    @CsvSource({"logo.png, logo.png", "/etc/../x.png, x.png", "'a\u0007b.png', ab.png", "'', picture", "' ', picture"})
    void makesFileNamesSafe(String given, String kept) {
        assertThat(SourceName.of(given)).isEqualTo(kept);
    }

    @Test
    void listsTheColorsThatADrawingNamesItself() {
        hold(("<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 100 50'><linearGradient id='g'>"
                        + "<stop stop-color='#0B2A4A'/><stop offset='1' stop-color='#0F7C7A'/></linearGradient>"
                        + "<rect width='60' height='50' fill='url(#g)'/><rect x='70' y='10' width='9' height='9'"
                        + " fill='#F2682A'/></svg>")
                .getBytes(StandardCharsets.UTF_8));
        assertThat(service.extraction(BRAND, SOURCE, Optional.empty()).proposals())
                .extracting(proposal -> proposal.color().hex())
                .containsExactlyInAnyOrder("#0B2A4A", "#0F7C7A", "#F2682A");
    }

    @Test
    void cutsAPartOutOfAPictureAsASourceOfItsOwn() {
        hold(TestPictures.logo());
        SourceRow crop = service.crop(BRAND, SOURCE, new Place(10, 20), 30, 40);
        verify(mapper).insert(crop);
        assertThat(crop.name()).isEqualTo("logo.png, cropped");
        when(mapper.find(BRAND, crop.id())).thenReturn(crop);
        SourceRow inner = service.crop(BRAND, crop.id(), new Place(5, 5), 10, 10);
        assertThat(inner.cropX()).isEqualTo(15);
        assertThat(inner.cropY()).isEqualTo(25);
        assertThat(new SourcePixels(service, pictures)
                        .sample(
                                BRAND,
                                crop.id(),
                                new Place(0, 0),
                                SampleArea.of(1).orElseThrow()))
                .isEqualTo(new SourcePixels(service, pictures)
                        .sample(
                                BRAND,
                                SOURCE,
                                new Place(10, 20),
                                SampleArea.of(1).orElseThrow()));
    }

    @Test
    void refusesAPartThatReachesBeyondThePicture() {
        hold(TestPictures.logo());
        assertThatThrownBy(() -> service.crop(BRAND, SOURCE, new Place(190, 20), 11, 10))
                .isInstanceOf(OutsidePictureException.class);
        verify(mapper, never()).insert(any());
    }

    @Test
    void keepsWhatListsColorsWithoutASize() {
        byte[] sheet = "a { color: #0F7C7A }".getBytes(StandardCharsets.UTF_8);
        add("site.css", sheet, BLOB);
        ArgumentCaptor<SourceRow> row = ArgumentCaptor.forClass(SourceRow.class);
        verify(mapper).insert(row.capture());
        assertThat(row.getValue().kind()).isEqualTo("css");
        assertThat(row.getValue().hasPicture()).isFalse();
        when(mapper.find(BRAND, row.getValue().id())).thenReturn(row.getValue());
        when(blobs.get(BLOB)).thenReturn(sheet);
        UUID id = row.getValue().id();
        assertThat(service.inventory(BRAND, id).colors()).hasSize(1);
        assertThatThrownBy(() -> service.extraction(BRAND, id, Optional.empty()))
                .isInstanceOf(WrongKindOfSourceException.class);
        assertThatThrownBy(() -> service.takeTheme(BRAND, id, IfMatch.anything()))
                .isInstanceOf(DraftException.class);
    }

    @Test
    void saysSoWhenASourceIsNotThereToBeTakenOff() {
        when(mapper.setRemoved(BRAND, SOURCE, CLOCK.instant())).thenReturn(0);
        assertThatThrownBy(() -> service.remove(BRAND, SOURCE)).isInstanceOf(UnknownSourceException.class);
    }

    @Test
    void namesTheChipsOfADrawingByWhatIsWrittenBeneathThem() {
        byte[] chips = ("<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 200 100'>"
                        + "<rect x='10' y='10' width='70' height='50' fill='#0F7C7A'/>"
                        + "<text x='10' y='75'>Harbour teal</text><text x='10' y='90'>#0F7C7A</text>"
                        + "<rect x='110' y='10' width='70' height='50' fill='#F2682A'/>"
                        + "<text x='110' y='75'>Buoy orange #F2682A</text></svg>")
                .getBytes(StandardCharsets.UTF_8);
        hold(chips);
        assertThat(service.names(BRAND, SOURCE))
                .containsEntry(Rgb.ofHex("0F7C7A"), "Harbour teal")
                .containsEntry(Rgb.ofHex("F2682A"), "Buoy orange");
    }
}
