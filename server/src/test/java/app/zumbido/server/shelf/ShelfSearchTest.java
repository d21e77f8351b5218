package app.zumbido.server.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.server.shelf.BrandMapper.ShelfColorRow;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ShelfSearchTest {
    private static final UUID ID = new UUID(1, 1);
    private static final BrandRow FERRIES =
            new BrandRow(ID, "Ostrel Ferries", "OF", 1, 1, 1, Instant.EPOCH, Instant.EPOCH, null);
    private static final List<ShelfColorRow> COLORS = List.of(
            new ShelfColorRow(ID, "#0B2A4A", "Night channel"), new ShelfColorRow(ID, "#0F7C7A", "Harbour teal"));

    private static Optional<ShelfSearch.Match> found(String text) {
        return ShelfSearch.of(text).match(FERRIES, COLORS);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "  ", "ferries", "OSTREL", "of", "harbour", "0F7C7A", "#0f7c7a", "rgb(15 124 122)"})
    void findsByNameShortCodeSwatchAndColor(String text) {
        assertThat(found(text)).isPresent();
    }

    @ParameterizedTest
    @ValueSource(strings = {"seed", "orange", "F2682A", "rgb(1 2"})
    void findsNothingElse(String text) {
        assertThat(found(text)).isEmpty();
    }

    @Test
    void saysWhichColorWasMeantAndHowFarItIs() {
        ShelfSearch.Match near = found("#107F7D").orElseThrow();
        assertThat(near.hex()).isEqualTo("#0F7C7A");
        assertThat(near.distance()).isBetween(0.1, 3.0);
        assertThat(found("teal").orElseThrow().hex()).isEqualTo("#0F7C7A");
        assertThat(found("ferries").orElseThrow().hex()).isNull();
    }
}
