package app.zumbido.server.source;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.Overlay;
import app.zumbido.core.contrast.WorstPlace;
import app.zumbido.core.extraction.Place;
import app.zumbido.core.extraction.Reading;
import app.zumbido.core.extraction.Sample;
import app.zumbido.core.extraction.SampleArea;
import app.zumbido.core.image.Pixels;
import app.zumbido.formats.image.PngImage;
import app.zumbido.server.type.PicturedWords;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Looks into the pictures of sources: at places, at parts, and at what belongs to a colour. */
@Service
class SourcePixels implements PicturedWords {
    /** Long side of the picture that the page shows; pixels. */
    private static final int SHOWN_SIDE = 1600;
    /** Long side of the mask of a region; pixels. */
    private static final int MASK_SIDE = 480;

    private final SourceService sources;
    private final Pictures pictures;

    SourcePixels(SourceService sources, Pictures pictures) {
        this.sources = sources;
        this.pictures = pictures;
    }

    Rgb sample(UUID brandId, UUID id, Place place, SampleArea area) {
        Pixels pixels = pictures.pixels(sources.find(brandId, id));
        if (!pixels.contains(place.x(), place.y())) {
            throw new OutsidePictureException(
                    "The picture has " + pixels.width() + " x " + pixels.height() + " pixels");
        }
        return Sample.take(pixels, place, area)
                .orElseThrow(() -> new OutsidePictureException("The picture is transparent there"));
    }

    /**
     * @param side odd
     * @return so many pixels around a place, row by row; nothing where the picture ends or is transparent
     */
    List<Optional<Rgb>> patch(UUID brandId, UUID id, Place place, int side) {
        Pixels pixels = pictures.pixels(sources.find(brandId, id));
        List<Optional<Rgb>> patch = new ArrayList<>();
        for (int y = place.y() - side / 2; y <= place.y() + side / 2; y++) {
            for (int x = place.x() - side / 2; x <= place.x() + side / 2; x++) {
                patch.add(
                        pixels.contains(x, y) && pixels.at(x, y) >>> 24 != 0
                                ? Optional.of(Rgb.ofPacked(pixels.at(x, y)))
                                : Optional.empty());
            }
        }
        return patch;
    }

    /**
     * @param frame of the text; nothing: it may stand anywhere
     * @return where a text over the picture is hardest to read; what is transparent stands on white
     */
    WorstPlace.OnPicture worstPlace(
            UUID brandId, UUID id, Optional<WorstPlace.Frame> frame, Optional<Overlay> overlay, Rgb text) {
        Pixels picture = pictures.pixels(sources.find(brandId, id));
        if (frame.isEmpty()) {
            return WorstPlace.on(picture, overlay, text);
        }
        if (!picture.contains(frame.get().x(), frame.get().y())) {
            throw new OutsidePictureException(
                    "The picture has " + picture.width() + " x " + picture.height() + " pixels");
        }
        return WorstPlace.on(picture, frame.get(), overlay, text);
    }

    /** @return our PNG of the picture, made small enough to be shown */
    byte[] picture(UUID brandId, UUID id) {
        return pictures.with(sources.find(brandId, id), pixels -> PngImage.scaled(pixels, SHOWN_SIDE));
    }

    /** @return a PNG that is opaque where the picture belongs to the colour */
    byte[] region(UUID brandId, UUID id, Optional<Reading> reading, Rgb color) {
        SourceRow row = sources.find(brandId, id);
        Pixels pixels = pictures.pixels(row);
        double scale = Math.min(1, (double) MASK_SIDE / Math.max(pixels.width(), pixels.height()));
        int width = Math.max(1, (int) Math.round(pixels.width() * scale));
        int height = Math.max(1, (int) Math.round(pixels.height() * scale));
        BitSet mask = pictures.extraction(row, reading)
                .region(pixels, color, width, height)
                .orElseThrow(() -> new OutsidePictureException("The picture does not propose " + color.hex()));
        return PngImage.ofMask(mask, width, height);
    }

    @Override
    public Pixels part(UUID brandId, UUID id, int x, int y, int width, int height) {
        Pixels whole = pictures.pixels(sources.find(brandId, id));
        if (x + width > whole.width() || y + height > whole.height()) {
            throw new OutsidePictureException("That part reaches beyond the picture");
        }
        return whole.crop(x, y, width, height);
    }
}
