package app.zumbido.formats.existing;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import app.zumbido.core.inspect.check.Logos;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoStanding;
import app.zumbido.core.logos.LogoVersion;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.LogoPicture;
import app.zumbido.formats.image.BitmapFile;
import app.zumbido.formats.image.UnreadableImageException;
import app.zumbido.formats.svg.SvgFile;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** The logos of a brand as they are found among the pictures of a file. */
public final class FileLogos implements Logos {
    /** Silhouettes that are farther apart are another picture; measured on logos against other logos. */
    private static final double SAME_SHAPE = 0.2;
    /** Colours that are farther apart are another picture; on a full square they are all that tells. Set by eye. */
    private static final double SAME_COLORS = 0.12;

    private static final double SAME_GROUND = 0.06;
    /** A logo is seen when so much of it is; a dot of another colour may be pale. Share, set by eye. */
    private static final double MOSTLY = 0.5;
    /** Of the logo's own pictures that are compared. */
    private static final int WIDE = 160;
    /** Larger pictures are photographs; pixels. */
    private static final long MOST_PIXELS = 6_000_000;

    private final ExistingFile file;
    private final Assets assets;
    private final Function<byte[], Pixels> drawing;
    private final List<Own> own = new ArrayList<>();
    private final Map<LogoForm, Double> ratios = new EnumMap<>(LogoForm.class);
    private final Map<String, Optional<Seen>> known = new HashMap<>();
    private final Map<String, LogoPrint> prints = new HashMap<>();

    private record Own(LogoForm form, LogoVersion version, LogoPrint print) {}

    public FileLogos(ExistingFile file, Assets assets) {
        this(file, assets, svg -> SvgFile.read(svg).draw());
    }

    /** @param drawing how a drawing from the file is drawn; throws {@link UnreadableImageException} if it cannot be */
    public FileLogos(ExistingFile file, Assets assets, Function<byte[], Pixels> drawing) {
        this.file = file;
        this.drawing = drawing;
        this.assets = assets;
        for (LogoForm form : LogoForm.values()) {
            for (LogoVersion version : LogoVersion.values()) {
                assets.logo(form, version).ifPresent(logo -> add(form, version, logo));
            }
        }
    }

    private void add(LogoForm form, LogoVersion version, LogoPicture logo) {
        ratios.putIfAbsent(form, logo.ratio());
        own.add(new Own(form, version, LogoPrint.of(BitmapFile.decode(logo.png(WIDE)))));
    }

    /** @return the forms that the brand has, and width for one unit of height of each */
    @Override
    public Map<LogoForm, Double> forms() {
        return Map.copyOf(ratios);
    }

    @Override
    public Optional<Seen> in(String content) {
        return own.isEmpty() ? Optional.empty() : known.computeIfAbsent(content, this::look);
    }

    private Optional<Seen> look(String content) {
        return picture(content).flatMap(picture -> {
            LogoPrint print = LogoPrint.of(picture);
            prints.put(content, print);
            double best = own.stream()
                    .mapToDouble(logo -> logo.print().shapeApart(print))
                    .min()
                    .orElse(1);
            // Versions of one form have one silhouette; the colours tell them apart.
            return own.stream()
                    .filter(logo -> logo.print().shapeApart(print) <= Math.min(SAME_SHAPE, best + 0.05))
                    .min((one, other) -> Double.compare(
                            one.print().colorsApart(print), other.print().colorsApart(print)))
                    // Every photograph has the silhouette of an icon that fills its square: the colours must tell.
                    .filter(logo ->
                            logo.print().colorsApart(print) <= (logo.print().isFull() ? SAME_GROUND : SAME_COLORS))
                    .map(logo -> new Seen(
                            logo.form(),
                            logo.version(),
                            (double) picture.width()
                                    / picture.height()
                                    * logo.print().ratio()
                                    / print.ratio()));
        });
    }

    private Optional<Pixels> picture(String content) {
        try {
            byte[] bytes = file.part(content);
            if (SvgFile.isSvg(bytes)) {
                return Optional.of(drawing.apply(bytes));
            }
            BitmapFile.Facts facts = BitmapFile.inspect(bytes);
            return (long) facts.width() * facts.height() > MOST_PIXELS
                    ? Optional.empty()
                    : Optional.of(BitmapFile.decode(bytes));
        } catch (UnreadableImageException e) {
            // Metafiles and damaged pictures are no logos of the brand.
            return Optional.empty();
        }
    }

    @Override
    public boolean isSeen(String content, Rgb ground) {
        LogoPrint print = prints.get(content);
        return print == null || print.seenOn(ground) >= MOSTLY;
    }

    @Override
    public Optional<LogoVersion> versionFor(LogoForm form, Rgb ground) {
        return assets.standings(form, ground).stream()
                .filter(LogoStanding::reads)
                .map(LogoStanding::version)
                .findFirst();
    }
}
