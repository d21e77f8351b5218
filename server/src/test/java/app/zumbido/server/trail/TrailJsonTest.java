package app.zumbido.server.trail;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.BrandChange;
import app.zumbido.core.brand.Change;
import app.zumbido.core.brand.PaletteChange;
import app.zumbido.core.brand.ThemeChange;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Group;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.Proportion;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.SlotFill;
import app.zumbido.core.theme.SlotReason;
import app.zumbido.core.theme.ThemeSlot;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.zip.DeflaterOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TrailJsonTest {
    private final TrailJson json = new TrailJson();

    /** The files were written once and are never written again: what they hold must load for ever. */
    private Brand written(int version) throws IOException {
        byte[] text;
        String file = "snapshot-" + version + ".json";
        try (InputStream in = Objects.requireNonNull(getClass().getResourceAsStream(file))) {
            text = in.readAllBytes();
        }
        ByteArrayOutputStream deflated = new ByteArrayOutputStream();
        try (DeflaterOutputStream out = new DeflaterOutputStream(deflated)) {
            out.write(text);
        }
        return json.brand(deflated.toByteArray());
    }

    /** They too were written by the program of their time. */
    @ParameterizedTest
    @ValueSource(ints = {2, 3, 4})
    void readsSnapshotsOfLaterVersions(int version) throws IOException {
        Brand brand = written(version);
        assertThat(brand.name()).isEqualTo("Ostrel Ferries");
        assertThat(brand.palette().groups()).startsWith(Group.USUAL.toArray(Group[]::new));
        assertThat(brand.palette().swatches()).hasSizeGreaterThanOrEqualTo(6);
        assertThat(brand.roles().proportion()).isEqualTo(Proportion.TO_BEGIN_WITH);
        assertThat(brand.theme().unfilled()).isEmpty();
        assertThat(brand.themes().all()).hasSize(1);
        assertThat(brand.theme().ground()).isEqualTo(PageGround.LIGHT);
        assertThat(json.brand(json.snapshot(brand))).isEqualTo(brand);
    }

    @Test
    void readsASnapshotOfTheFirstVersion() throws IOException {
        Brand brand = written(1);

        assertThat(brand.name()).isEqualTo("Ostrel Ferries");
        assertThat(brand.shortCode()).contains("OF");
        assertThat(brand.revision()).isEqualTo(4);
        Swatch teal = brand.palette().swatches().get(0);
        assertThat(teal.color()).isEqualTo(Rgb.ofHex("0F7C7A"));
        assertThat(teal.origins().get(0).x()).hasValue(81);
        assertThat(teal.origins().get(0).area()).isEmpty();
        assertThat(brand.theme().get(ThemeSlot.HYPERLINK).fill()).isEqualTo(new SlotFill.Derived(teal.id(), -0.01));
        assertThat(brand.theme().get(ThemeSlot.HYPERLINK).reason()).contains(SlotReason.LINK_DEEPENED);
        assertThat(brand.theme().get(ThemeSlot.LIGHT_1).fill()).isEqualTo(new SlotFill.Fixed(Rgb.WHITE));
        assertThat(brand.theme().unfilled()).hasSize(9);
    }

    @Test
    void readsAChangeAsItWasWritten() {
        SwatchId swatch = new SwatchId(new UUID(1, 2));
        Change change = new ThemeChange.FillSlot(ThemeSlot.ACCENT_3, new SlotFill.Derived(swatch, 0.2));
        assertThat(json.change(change)).contains("\"type\":\"fill-slot\"", "\"slot\":\"accent3\"");
        assertThat(json.change(json.change(change))).isEqualTo(change);
        Change old =
                json.change("{\"type\":\"recolor-swatch\",\"id\":\"" + swatch.value() + "\",\"color\":\"#138F8C\"}");
        assertThat(old).isEqualTo(new PaletteChange.RecolorSwatch(swatch, Rgb.ofHex("138F8C"), Optional.empty()));
        Change added = json.change("{\"type\":\"add-swatches\",\"swatches\":[{\"id\":\"" + swatch.value()
                + "\",\"name\":\"Teal\",\"color\":\"#0F7C7A\"}]}");
        assertThat(added)
                .isEqualTo(PaletteChange.AddSwatches.of(
                        List.of(Swatch.of(swatch, "Teal", Rgb.ofHex("0F7C7A"), List.of()))));
        Change lighter =
                json.change("{\"type\":\"shift-swatch\",\"id\":\"" + swatch.value() + "\",\"lightness\":0.08}");
        assertThat(lighter).isEqualTo(new PaletteChange.MixSwatch(swatch, 0.08, 0, 0));
        Change drafted =
                json.change("{\"type\":\"draft-brand\",\"source\":\"logo.png\",\"swatches\":[],\"settings\":{}}");
        assertThat(drafted).isEqualTo(new BrandChange.DraftBrand("logo.png", List.of(), Map.of(), Map.of()));
        Change cleared = new BrandChange.SetShortCode(Optional.empty());
        assertThat(json.change(json.change(cleared))).isEqualTo(cleared);
    }

    @ParameterizedTest
    @ValueSource(strings = {"*", "\"7\"", "\"3\", \"7\"", "\"7\" , \"9\""})
    void takesARevisionThatIsNamed(String header) {
        assertThat(IfMatch.of(header).allows(7)).isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"\"6\"", "7", "W/\"7\"", "", "\"77\""})
    void takesNoOther(String header) {
        assertThat(IfMatch.of(header).allows(7)).isFalse();
    }
}
