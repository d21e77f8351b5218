package app.zumbido.server.source;

import app.zumbido.core.extraction.Extraction;
import app.zumbido.core.extraction.Reading;
import app.zumbido.core.image.Pixels;
import app.zumbido.formats.image.PngImage;
import app.zumbido.formats.logos.LogoDrawing;
import app.zumbido.server.logos.LogoSources;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Pictures of the sheet as logos are made of them. What was taken off the sheet is still there for the logo. */
@Component
class LogosOnTheSheet implements LogoSources {
    /** Long side of what outlines are taken from; pixels. Smoothed edges tell where an outline lies between two of them. */
    private static final int OUTLINED_SIDE = 1200;
    /** Long side of a ground; pixels. */
    private static final int GROUND_SIDE = 160;

    private final SourceMapper sources;
    private final Pictures pictures;

    LogosOnTheSheet(SourceMapper sources, Pictures pictures) {
        this.sources = sources;
        this.pictures = pictures;
    }

    private SourceRow row(UUID brand, UUID source) {
        SourceRow row = sources.findKept(brand, source);
        if (row == null) {
            throw new UnknownSourceException(source);
        }
        if (!row.hasPicture()) {
            throw new WrongKindOfSourceException(row.name() + " shows no picture that a logo could be made of");
        }
        return row;
    }

    @Override
    public String name(UUID brand, UUID source) {
        return row(brand, source).name();
    }

    @Override
    public LogoDrawing drawing(UUID brand, UUID source) {
        SourceRow row = row(brand, source);
        Optional<LogoDrawing> drawn = row.isCrop() ? Optional.empty() : pictures.drawn(() -> pictures.shapes(row));
        return drawn.orElseGet(() -> outlined(row));
    }

    /** Decoding and reading wait for their turn by themselves, so they are done before it is this one's. */
    private LogoDrawing outlined(SourceRow row) {
        Extraction extraction = pictures.extraction(row, Optional.of(Reading.ARTWORK));
        Pixels picture = PngImage.shrunk(pictures.pixels(row), OUTLINED_SIDE);
        return pictures.drawn(() -> LogoDrawing.of(picture, extraction));
    }

    @Override
    public Optional<Pixels> transparent(UUID brand, UUID source) {
        SourceRow row = row(brand, source);
        Pixels pixels = pictures.pixels(row);
        return !row.isCrop() && row.kind().equals("svg") || !isTransparent(pixels)
                ? Optional.empty()
                : Optional.of(pixels);
    }

    private static boolean isTransparent(Pixels pixels) {
        return pixels.at(0) >>> 24 == 0 || pixels.at(pixels.count() - 1) >>> 24 == 0;
    }

    @Override
    public Pixels small(UUID brand, UUID source) {
        return PngImage.shrunk(pictures.pixels(row(brand, source)), GROUND_SIDE);
    }

    @Override
    public Optional<Pixels> find(UUID brand, UUID source, int longSide) {
        return shown(brand, source).map(row -> PngImage.shrunk(pictures.pixels(row), longSide));
    }

    @Override
    public Optional<Double> ratio(UUID brand, UUID source) {
        return shown(brand, source)
                .map(row -> (double) Objects.requireNonNull(row.width()) / Objects.requireNonNull(row.height()));
    }

    private Optional<SourceRow> shown(UUID brand, UUID source) {
        return Optional.ofNullable(sources.findKept(brand, source)).filter(SourceRow::hasPicture);
    }
}
