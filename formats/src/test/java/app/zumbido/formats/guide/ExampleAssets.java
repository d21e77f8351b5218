package app.zumbido.formats.guide;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.guide.GuideFacts.MeasuredLogo;
import app.zumbido.core.image.Pixels;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoGround;
import app.zumbido.core.logos.LogoPart;
import app.zumbido.core.logos.LogoStanding;
import app.zumbido.core.logos.LogoVersion;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.DrawnPicture;
import app.zumbido.formats.delivery.LogoPicture;
import app.zumbido.formats.logos.LogoDrawing;
import app.zumbido.formats.logos.Logos;
import app.zumbido.formats.logos.PaintedShape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Rectangle2D;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;

/** A logo of two shapes in every form, and pictures that are gradients. */
public record ExampleAssets(Rgb dark, Rgb vivid, double ratio) implements Assets {
    private LogoDrawing drawing() {
        return new LogoDrawing(
                100 * ratio,
                100,
                List.of(
                        new PaintedShape(new Rectangle2D.Double(0, 40, 100 * ratio, 60), dark, 1),
                        new PaintedShape(new Ellipse2D.Double(0, 0, 36, 36), vivid, 1)));
    }

    /** Cutting areas out of each other takes its time, and every brand asks for the same ones. */
    private static final Map<List<Object>, LogoDrawing> DRAWN = new ConcurrentHashMap<>();

    private static final Map<LogoDrawing, List<LogoPart>> PARTS = new ConcurrentHashMap<>();

    private LogoDrawing version(LogoVersion version) {
        return DRAWN.computeIfAbsent(List.of(this, version), key -> drawn(version));
    }

    private LogoDrawing drawn(LogoVersion version) {
        return switch (version) {
            case LIGHT -> drawing();
            case DARK -> Logos.forDark(drawing(), Rgb.BLACK);
            case ONE_DARK -> Logos.oneColor(drawing(), Rgb.BLACK);
            case ONE_LIGHT -> Logos.oneColor(drawing(), Rgb.WHITE);
        };
    }

    @Override
    public Optional<LogoPicture> logo(LogoForm form, LogoVersion version) {
        return Optional.of(new DrawnPicture(version(version)));
    }

    @Override
    public Optional<LogoPicture> logoOn(LogoForm form, Rgb ground) {
        return standings(form, ground).stream().findFirst().flatMap(best -> logo(form, best.version()));
    }

    @Override
    public Optional<MeasuredLogo> measured(LogoForm form) {
        return Optional.of(new MeasuredLogo(ratio, 0.3, 18, 90));
    }

    @Override
    public List<LogoStanding> standings(LogoForm form, Rgb ground) {
        return Stream.of(LogoVersion.values())
                .flatMap(version -> LogoStanding.of(
                        form,
                        version,
                        PARTS.computeIfAbsent(version(version), LogoDrawing::parts),
                        new LogoGround.Flat(ground))
                        .stream())
                .sorted(Comparator.comparing(LogoStanding::reads).reversed())
                .toList();
    }

    @Override
    public Optional<Pixels> picture(UUID source, int longSide) {
        int width = Math.min(longSide, 60);
        int height = Math.max(1, (int) Math.round(width / pictureRatio(source).orElseThrow()));
        int[] argb = new int[width * height];
        for (int i = 0; i < argb.length; i++) {
            argb[i] =
                    new Rgb(i % width * 4, i / width * 4 % 256, (int) (source.getLeastSignificantBits() % 256)).packed()
                            | 0xFF000000;
        }
        return Optional.of(Pixels.wrap(width, height, argb));
    }

    @Override
    public Optional<Double> pictureRatio(UUID source) {
        return Optional.of(0.5 + source.getLeastSignificantBits() % 4 * 0.6);
    }
}
