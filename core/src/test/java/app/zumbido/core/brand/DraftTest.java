package app.zumbido.core.brand;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.color.Fraction;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.extraction.Extraction;
import app.zumbido.core.extraction.Place;
import app.zumbido.core.extraction.Proposal;
import app.zumbido.core.extraction.Reading;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.theme.ThemeSlot;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;

class DraftTest {
    private final AtomicInteger made = new AtomicInteger();
    private final Supplier<UUID> ids = () -> new UUID(7, made.incrementAndGet());

    private static Proposal proposal(String hex, double coverage, boolean ground) {
        return new Proposal(Rgb.ofHex(hex), Fraction.of(coverage), ground, new Place(3, 4));
    }

    @Test
    void makesPaletteAndThemeInOneStep() {
        Extraction extraction = new Extraction(
                Reading.ARTWORK,
                List.of(proposal("0B2A4A", 0.2, false), proposal("F2682A", 0.01, false), proposal("FFFFFF", 0.7, true)),
                false,
                false,
                true);
        Brand brand = Brand.begin(new UUID(1, 1), "Ostrel", Optional.empty(), new UUID(1, 2));
        Brand drafted = brand.apply(Draft.from(extraction, "logo.png", Map.of(Rgb.ofHex("F2682A"), "Buoy"), brand, ids)
                .orElseThrow());

        assertThat(drafted.revision()).isEqualTo(2);
        assertThat(drafted.palette().swatches()).extracting(Swatch::name).containsExactly("Dark blue", "Buoy", "White");
        assertThat(drafted.look().theme().unfilled()).isEmpty();
        assertThat(drafted.look().colors().get(ThemeSlot.ACCENT_1).hex()).isEqualTo("#0B2A4A");
        assertThat(drafted.palette().swatches().get(0).origins().get(0).source())
                .isEqualTo("logo.png");
    }

    @Test
    void makesNothingOfNothing() {
        Brand brand = Brand.begin(new UUID(1, 1), "Ostrel", Optional.empty(), new UUID(1, 2));
        Extraction nothing = new Extraction(Reading.ARTWORK, List.of(), true, false, true);
        assertThat(Draft.from(nothing, "empty.png", Map.of(), brand, ids)).isEmpty();
    }
}
