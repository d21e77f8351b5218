package app.zumbido.server.type;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.TypeChange;
import app.zumbido.core.type.FaceKind;
import app.zumbido.core.type.FontFamily;
import app.zumbido.core.type.Lettering;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.fonts.FontFile;
import app.zumbido.formats.fonts.ShippedFaces;
import app.zumbido.formats.fonts.UnreadableFontException;
import app.zumbido.server.ZumbidoApplication;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.trail.BrandKeeper;
import java.io.ByteArrayInputStream;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.WebApplicationType;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/** On a real folder and a real database. */
class FontsTest {
    @TempDir
    private Path temporary;

    private ConfigurableApplicationContext context;
    private Fonts fonts;
    private BrandKeeper keeper;
    private UUID ferries;
    private UUID seeds;

    @BeforeEach
    void open() {
        context = new SpringApplicationBuilder(ZumbidoApplication.class)
                .web(WebApplicationType.NONE)
                .run("--zumbido.data=" + temporary);
        fonts = context.getBean(Fonts.class);
        keeper = context.getBean(BrandKeeper.class);
        ferries = keeper.begin("Ostrel Ferries", Optional.empty()).brand().id();
        seeds = keeper.begin("Pellory Seed Exchange", Optional.empty()).brand().id();
    }

    @AfterEach
    void close() {
        context.close();
    }

    private FaceAtHand add(UUID brand, String face) {
        return fonts.add(brand, face + ".ttf", new ByteArrayInputStream(ShippedFaces.bytes(face + ".ttf")))
                .get(0);
    }

    private List<String> own(UUID brand) {
        return fonts.own(brand).stream().map(FaceAtHand::id).toList();
    }

    @Test
    void keepsAFaceForOneBrandOrForAll() {
        FaceAtHand one = add(ferries, "lora-400");
        FaceAtHand all = add(null, "caveat-700");
        assertThat(own(ferries)).containsExactlyInAnyOrder(one.id(), all.id());
        assertThat(own(seeds)).containsExactly(all.id());
        assertThat(own(null)).containsExactly(all.id());
        assertThat(one.origin()).isEqualTo(FaceAtHand.Origin.OWN);
        assertThatThrownBy(() -> add(UUID.randomUUID(), "lora-400")).hasMessageContaining("brand");
    }

    @Test
    void keepsTheSameFileOnce() {
        FaceAtHand first = add(ferries, "lora-400");
        assertThat(add(ferries, "lora-400").id()).isEqualTo(first.id());
        assertThat(add(seeds, "lora-400").id()).isNotEqualTo(first.id());
        assertThat(fonts.heldBlobs()).hasSize(1);
    }

    @Test
    void putsBackWhatWasTakenAway() {
        FaceAtHand face = add(ferries, "lora-400");
        UUID id = UUID.fromString(face.id());
        fonts.remove(id);
        assertThat(own(ferries)).isEmpty();
        assertThatThrownBy(() -> fonts.find(face.id())).isInstanceOf(UnknownFontException.class);
        assertThatThrownBy(() -> fonts.remove(id)).isInstanceOf(UnknownFontException.class);
        fonts.putBack(id);
        assertThat(fonts.find(face.id()).face().family()).isEqualTo("Lora");
        // While it is away somebody may have given the same file again.
        fonts.remove(id);
        add(ferries, "lora-400");
        fonts.putBack(id);
        assertThat(own(ferries)).hasSize(1);
    }

    @Test
    void keepsNothingOfABrokenFile() {
        byte[] broken = ShippedFaces.bytes("lora-400.ttf");
        java.util.Arrays.fill(broken, 200, 4000, (byte) 7);
        assertThatThrownBy(() -> fonts.add(ferries, "broken.ttf", new ByteArrayInputStream(broken)))
                .isInstanceOf(UnreadableFontException.class);
        assertThat(own(ferries)).isEmpty();
        assertThat(fonts.heldBlobs()).isEmpty();
    }

    @Test
    void takesAnOwnFaceBeforeOneThatShipsAndTheNearestWeight() {
        FaceAtHand own = add(ferries, "lora-700");
        Lettering lora =
                keeper.load(ferries).brand().type().get(TypeRole.HEADING).in(new FontFamily("Lora", FaceKind.SERIF));
        assertThat(fonts.nearest(ferries, lora).orElseThrow().id()).isEqualTo(own.id());
        assertThat(fonts.nearest(seeds, lora).orElseThrow().id()).isEqualTo("lora-700");
        Lettering italic = new Lettering(
                "Lora", FaceKind.SERIF, 500, true, lora.capitals(), 0, lora.color(), lora.sizes(), lora.standIns());
        assertThat(fonts.nearest(seeds, italic).orElseThrow().id()).isEqualTo("lora-400-italic");
    }

    @Test
    void givesBrowsersEveryPartOfAFace() {
        FaceAtHand own = add(ferries, "lora-700");
        assertThat(FontFile.read(fonts.part(own.id(), 0)).get(0).family()).isEqualTo("Lora");
        assertThat(new String(fonts.part("lora-700", 1), 0, 4, java.nio.charset.StandardCharsets.US_ASCII))
                .isEqualTo("wOF2");
        assertThatThrownBy(() -> fonts.part(own.id(), 1)).isInstanceOf(UnknownFontException.class);
        assertThatThrownBy(() -> fonts.part("lora-700", 2)).isInstanceOf(UnknownFontException.class);
        assertThatThrownBy(() -> fonts.find("no-such-face")).isInstanceOf(UnknownFontException.class);
    }

    @Test
    void takesAlongWhatABrandIsSetIn() {
        add(ferries, "lora-400");
        add(null, "caveat-700");
        add(null, "bitter-700");
        keeper.change(
                ferries,
                IfMatch.anything(),
                brand -> new TypeChange.SetLettering(
                        TypeRole.HEADING,
                        brand.type().get(TypeRole.HEADING).in(new FontFamily("Caveat", FaceKind.SCRIPT))));
        Brand brand = keeper.load(ferries).brand();
        assertThat(fonts.usedBy(brand)).extracting(FontRow::family).containsExactlyInAnyOrder("Lora", "Caveat");
    }
}
