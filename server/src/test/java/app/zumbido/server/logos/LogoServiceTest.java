package app.zumbido.server.logos;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.lenient;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Change;
import app.zumbido.core.brand.GroundChange;
import app.zumbido.core.brand.LogoChange;
import app.zumbido.core.brand.PaletteChange;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.ComposedGround;
import app.zumbido.core.image.Pixels;
import app.zumbido.core.logos.Cutting;
import app.zumbido.core.logos.Drawn;
import app.zumbido.core.logos.IconShape;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoVersion;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.formats.logos.LogoDrawing;
import app.zumbido.formats.svg.SvgFile;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.trail.BrandKeeper;
import app.zumbido.server.trail.KeptBrand;
import app.zumbido.server.type.SetFaces;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.mockito.Mock;
import org.mockito.junit.jupiter.MockitoExtension;

/** A navy square and an orange one beside it, on the grounds of a brand of three colours. */
@ExtendWith(MockitoExtension.class)
class LogoServiceTest {
    private static final UUID LOGO = new UUID(5, 1);
    private static final UUID OWN = new UUID(5, 2);
    private static final UUID HARBOUR = new UUID(5, 3);
    private static final LogoDrawing SQUARES =
            drawn("<rect x=\"0\" y=\"0\" width=\"60\" height=\"60\" fill=\"#0B2A4A\"/>"
                    + "<rect x=\"80\" y=\"20\" width=\"20\" height=\"20\" fill=\"#F2682A\"/>");
    private static final LogoDrawing WHITE =
            drawn("<rect x=\"0\" y=\"0\" width=\"60\" height=\"60\" fill=\"#FFFFFF\"/>");

    @Mock
    private BrandKeeper keeper;

    @Mock
    private LogoSources sources;

    @Mock
    private SetFaces faces;

    private LogoService service;
    private Brand brand;

    private static LogoDrawing drawn(String shapes) {
        String svg = "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 100 60\">" + shapes + "</svg>";
        return LogoDrawing.of(SvgFile.read(svg.getBytes(StandardCharsets.UTF_8)));
    }

    @BeforeEach
    void build() {
        service = new LogoService(keeper, new BrandLogos(sources, faces), sources);
        brand = Brand.begin(new UUID(1, 1), "Ostrel Ferries", Optional.empty(), new UUID(1, 2))
                .apply(PaletteChange.AddSwatches.of(List.of(
                        swatch(1, "Night channel", "0B2A4A"),
                        swatch(2, "Harbour teal", "0F7C7A"),
                        swatch(3, "Sailcloth", "FFFFFF"))));
        lenient().when(sources.drawing(any(), eq(LOGO))).thenReturn(SQUARES);
        lenient().when(sources.drawing(any(), eq(OWN))).thenReturn(WHITE);
        lenient().when(sources.name(any(), any())).thenReturn("logo.svg");
        lenient().when(sources.transparent(any(), any())).thenReturn(Optional.empty());
        lenient().when(keeper.load(brand.id())).thenAnswer(call -> new KeptBrand(brand, true, false));
        lenient().when(keeper.look(eq(brand.id()), any())).thenAnswer(call -> brand.look());
    }

    private static Swatch swatch(int number, String name, String hex) {
        return Swatch.of(new SwatchId(new UUID(2, number)), name, Rgb.ofHex(hex), List.of());
    }

    private void make(LogoForm form, Drawn drawn) {
        brand = brand.apply(new LogoChange.SetForm(form, drawn, "logo.svg"));
    }

    private LogoGroundResponse row(List<LogoGroundResponse> rows, String ground, LogoVersion version) {
        return rows.stream()
                .filter(row -> row.ground().equals(ground) && row.version() == version)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void choosesOfEachFormTheVersionThatReads() {
        make(LogoForm.PRIMARY, new Drawn.OfFile(LOGO, false));
        List<LogoGroundResponse> rows = service.grounds(brand.id(), null, null);
        assertThat(rows).hasSize(12);
        assertThat(rows.stream().filter(LogoGroundResponse::chosen))
                .extracting(LogoGroundResponse::ground, LogoGroundResponse::version)
                .containsExactly(
                        tuple("Night channel", LogoVersion.DARK),
                        tuple("Harbour teal", LogoVersion.ONE_LIGHT),
                        tuple("Sailcloth", LogoVersion.LIGHT));
        LogoGroundResponse onNavy = row(rows, "Night channel", LogoVersion.LIGHT);
        assertThat(onNavy.reads()).isFalse();
        assertThat(onNavy.ratio()).isEqualTo(1);
        assertThat(onNavy.part()).isEqualTo("#0B2A4A");
        assertThat(onNavy.composed()).isNull();
    }

    @Test
    void prefersAVersionThatSomebodyGave() {
        make(LogoForm.PRIMARY, new Drawn.OfFile(LOGO, false));
        LogoChange change = service.version(brand, LogoForm.PRIMARY, LogoVersion.DARK, OWN);
        brand = brand.apply(change);
        LogoFormResponse primary = service.station(brand.id()).get(0);
        assertThat(primary.versions().get(1).file()).isEqualTo("logo.svg");
        assertThat(primary.versions().get(1).parts())
                .extracting(LogoFormResponse.LogoPartResponse::hex)
                .containsExactly("#FFFFFF");
        brand = brand.apply(service.version(brand, LogoForm.PRIMARY, LogoVersion.DARK, null));
        assertThatThrownBy(() -> service.version(brand, LogoForm.PRIMARY, LogoVersion.DARK, null))
                .isInstanceOf(LogoException.class);
    }

    @Test
    void judgesGradientsAndPicturesAtTheirWorstPlace() {
        make(LogoForm.PRIMARY, new Drawn.OfFile(LOGO, false));
        brand = brand.apply(new GroundChange.KeepGround(new ComposedGround(
                new UUID(4, 1),
                "Band",
                new ComposedGround.Base.OfGradient(
                        List.of(new Paint.Fixed(Rgb.BLACK), new Paint.Fixed(Rgb.WHITE)), false, 90),
                Optional.empty(),
                new Paint.Fixed(Rgb.WHITE))));
        when(sources.small(brand.id(), HARBOUR)).thenReturn(Pixels.wrap(2, 1, new int[] {0xFF000000, 0xFFFFFFFF}));
        when(sources.name(brand.id(), HARBOUR)).thenReturn("harbour.png");
        List<LogoGroundResponse> rows = service.grounds(brand.id(), null, HARBOUR);
        LogoGroundResponse onBand = rows.stream()
                .filter(row -> row.ground().equals("Band") && row.chosen())
                .findFirst()
                .orElseThrow();
        assertThat(onBand.reads()).isFalse();
        assertThat(onBand.composed().stops()).containsExactly("#000000", "#FFFFFF");
        assertThat(onBand.remedy().alpha()).isBetween(0.05, 0.95);
        assertThat(rows)
                .anyMatch(row -> row.ground().equals("harbour.png")
                        && row.composed().source().equals(HARBOUR)
                        && row.x() != null);
    }

    /** One form that cannot be drawn keeps no other from being shown. */
    @Test
    void saysOfAFormThatItCannotBeDrawn() {
        make(LogoForm.PRIMARY, new Drawn.OfFile(LOGO, false));
        make(LogoForm.ICON, new Drawn.OfInitials("OF", new Paint.Fixed(Rgb.BLACK), IconShape.SQUARE));
        when(faces.drawer(any(), any())).thenReturn(Optional.empty());
        List<LogoFormResponse> forms = service.station(brand.id());
        assertThat(forms.get(0).problem()).isNull();
        assertThat(forms.get(1).problem()).contains("There is no file of the face");
        assertThat(service.grounds(brand.id(), null, null))
                .extracting(LogoGroundResponse::form)
                .containsOnly(LogoForm.PRIMARY);
    }

    @Test
    void drawsAnIconInEverySizeThatSitesAskForAndInNoOther() throws IOException {
        make(LogoForm.PRIMARY, new Drawn.OfFile(LOGO, false));
        make(
                LogoForm.ICON,
                new Drawn.OnGround(
                        LogoForm.PRIMARY, new Paint.OfSwatch(new SwatchId(new UUID(2, 1))), IconShape.SQUARE));
        var icon = ImageIO.read(new ByteArrayInputStream(service.icon(brand.id(), 32)));
        assertThat(icon.getWidth()).isEqualTo(32);
        assertThat(icon.getRGB(0, 0)).isEqualTo(0xFF0B2A4A);
        assertThatThrownBy(() -> service.icon(brand.id(), 33)).isInstanceOf(LogoException.class);
        // Its ground follows the swatch.
        brand = brand.apply(
                new PaletteChange.RecolorSwatch(new SwatchId(new UUID(2, 1)), Rgb.ofHex("7A2E2A"), Optional.empty()));
        assertThat(ImageIO.read(new ByteArrayInputStream(service.icon(brand.id(), 32)))
                        .getRGB(0, 0))
                .isEqualTo(0xFF7A2E2A);
    }

    /** Pixels that stand on nothing are shown as they are; outlines of a few colours would tell less. */
    @Test
    void showsThePixelsThemselves() throws IOException {
        make(LogoForm.PRIMARY, new Drawn.OfFile(LOGO, false));
        int[] shaded = new int[40 * 10];
        for (int i = 0; i < shaded.length; i++) {
            shaded[i] = i % 40 == 0 ? 0 : 0xFF000000 | (i % 40) * 6;
        }
        when(sources.transparent(brand.id(), LOGO)).thenReturn(Optional.of(Pixels.wrap(40, 10, shaded)));
        var shown = ImageIO.read(
                new ByteArrayInputStream(service.png(brand.id(), LogoForm.PRIMARY, LogoVersion.LIGHT, 40)));
        assertThat(shown.getRGB(20, 5)).isEqualTo(0xFF000000 | 120);
        assertThat(shown.getRGB(0, 5) >>> 24).isZero();
        // Larger than they are, outlines are better.
        var larger = ImageIO.read(
                new ByteArrayInputStream(service.png(brand.id(), LogoForm.PRIMARY, LogoVersion.LIGHT, 100)));
        assertThat(larger.getRGB(10, 10)).isEqualTo(0xFF0B2A4A);
        assertThat(larger.getHeight()).isEqualTo(60);
    }

    @Test
    void drawsBeforeTheChangeAndOnce() {
        Function<Brand, Change> change = given ->
                service.form(given, LogoForm.PRIMARY, new LogoRequest(LOGO, null, null, null, null, null, null, null));
        when(keeper.change(any(), any(), any())).thenAnswer(call -> {
            verify(sources, times(1)).drawing(brand.id(), LOGO);
            call.<Function<Brand, Change>>getArgument(2).apply(brand);
            return new KeptBrand(brand, true, false);
        });
        service.change(brand.id(), IfMatch.anything(), change);
        verify(sources, times(1)).drawing(brand.id(), LOGO);
    }

    @Test
    void makesNothingOfWhatCannotBeALogo() {
        make(LogoForm.PRIMARY, new Drawn.OfFile(LOGO, false));
        LogoRequest all = new LogoRequest(
                null, null, List.of(new LogoRequest.CuttingRequest(0.0, 0.0, 1.0, 1.0)), null, null, null, null, null);
        assertThatThrownBy(() -> service.form(brand, LogoForm.SHORT, all)).hasMessageContaining("Nothing");
        LogoRequest twoWays = new LogoRequest(LOGO, null, null, null, "OF", null, "#000000", null);
        assertThatThrownBy(() -> service.form(brand, LogoForm.ICON, twoWays)).hasMessageContaining("Say one of these");
        LogoRequest long4 = new LogoRequest(null, null, null, null, "OSTR", null, "#000000", null);
        assertThatThrownBy(() -> service.form(brand, LogoForm.ICON, long4)).hasMessageContaining("at most 3");
        LogoRequest letters = new LogoRequest(null, null, null, null, "OF", null, "#000000", null);
        assertThatThrownBy(() -> service.form(brand, LogoForm.PRIMARY, letters))
                .hasMessageContaining("can be a submark or an icon");
        verify(keeper, never()).change(any(), any(), any());
    }

    @Test
    void isMadeOfTheCutPart() {
        make(LogoForm.PRIMARY, new Drawn.OfFile(LOGO, false));
        make(LogoForm.SUBMARK, new Drawn.CutOut(LogoForm.PRIMARY, new Cutting(0, 0, 0.7, 1)));
        LogoFormResponse submark = service.station(brand.id()).get(1);
        assertThat(submark.ratio()).isEqualTo(1);
        assertThat(submark.pieces()).hasSize(1);
        // A square of 60 that is as thick as it is wide: the smallest that anybody prints.
        assertThat(submark.pixels()).isLessThan(4);
    }
}
