package app.zumbido.server.existing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import app.zumbido.core.color.Rgb;
import app.zumbido.server.TestPictures;
import app.zumbido.server.source.DecodeGate;
import app.zumbido.server.storage.BlobStore;
import app.zumbido.server.workshop.Workshop;
import app.zumbido.server.workshop.WorkshopException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.ArgumentCaptor;

/** Where graphics are drawn: what a stranger can make endless, only where it can be ended. */
class GraphicsTest {
    private static final byte[] DRAWING = """
            <svg xmlns="http://www.w3.org/2000/svg" width="40" height="30"><path fill="#0f7c7a" d="M0 0h40v30H0z"/></svg>""".getBytes(StandardCharsets.UTF_8);
    private static final Map<Rgb, Rgb> MAPPING = Map.of(Rgb.ofHex("0F7C7A"), Rgb.ofHex("F2682A"));

    private final BlobStore blobs = mock(BlobStore.class);
    private final DecodeGate gate = mock(DecodeGate.class);
    private final Workshop workshop = mock(Workshop.class);
    private final Graphics graphics = new Graphics(blobs, gate, workshop);

    @BeforeEach
    void letEverythingPass() {
        when(gate.pass(anyLong(), any()))
                .thenAnswer(call -> call.<Supplier<?>>getArgument(1).get());
    }

    private ExistingFileRow row(String kind, byte[] content) {
        when(blobs.get(kind)).thenReturn(content);
        return new ExistingFileRow(
                UUID.randomUUID(),
                UUID.randomUUID(),
                UUID.randomUUID(),
                "mark",
                kind,
                1,
                kind,
                null,
                null,
                "",
                Instant.EPOCH);
    }

    @Test
    void drawingsAreDrawnInTheWorkshopAlsoInOtherColours() {
        ExistingFileRow row = row("svg", DRAWING);
        when(workshop.run(any(DrawnPng.class))).thenReturn(new byte[] {1});
        assertThat(graphics.png(row, 400)).containsExactly(1);
        assertThat(graphics.recolored(graphics.of(row), MAPPING, List.of(), 900))
                .containsExactly(1);

        ArgumentCaptor<DrawnPng> drawn = ArgumentCaptor.captor();
        verify(workshop, times(2)).run(drawn.capture());
        assertThat(drawn.getAllValues()).extracting(DrawnPng::longSide).containsExactly(400, 900);
        assertThat(new String(drawn.getValue().svg(), StandardCharsets.UTF_8)).containsIgnoringCase("#f2682a");
    }

    @Test
    void whatTakesTooMuchIsToldToWhoeverAsks() {
        ExistingFileRow row = row("svg", DRAWING);
        when(workshop.run(any(DrawnPng.class))).thenThrow(WorkshopException.busy());
        assertThatThrownBy(() -> graphics.png(row, 400)).isInstanceOf(WorkshopException.class);
    }

    @Test
    void picturesOfPixelsAreDrawnHereBehindTheGate() {
        assertThat(graphics.png(row("png", TestPictures.logo()), 40)).startsWith(0x89, 'P', 'N', 'G');
        verify(workshop, never()).run(any());
    }
}
