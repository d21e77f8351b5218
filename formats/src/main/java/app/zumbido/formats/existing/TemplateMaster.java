package app.zumbido.formats.existing;

import app.zumbido.core.brand.Look;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.layouts.SlideSize;
import app.zumbido.formats.office.slides.PresentationTemplate;
import app.zumbido.formats.ooxml.OfficeFile;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.Optional;
import java.util.Set;

/** Puts the pages of a presentation on the master and layouts of the brand's template, in the size that they have. */
public final class TemplateMaster {
    /** Proportions that differ by less are the same, as 13.33 in and 33.87 cm are. */
    private static final double SAME = 0.005;

    private TemplateMaster() {}

    /** Why a presentation cannot take the template's master. */
    public enum Obstacle {
        NO_PRESENTATION,
        /** The template comes in widescreen and 4:3; laid out for other proportions it would be squeezed. */
        OTHER_PROPORTIONS,
        /** The template is written in the other form of the standard. */
        STRICT
    }

    /** @return what stands in the way; nothing if the master can be taken */
    public static Optional<Obstacle> obstacle(ExistingFile file) {
        Optional<OfficeFile> deck = file.deck();
        if (deck.isEmpty()) {
            return Optional.of(Obstacle.NO_PRESENTATION);
        }
        if (size(deck.get()).isEmpty()) {
            return Optional.of(Obstacle.OTHER_PROPORTIONS);
        }
        return deck.get().isStrict() ? Optional.of(Obstacle.STRICT) : Optional.empty();
    }

    private static Optional<SlideSize> size(OfficeFile deck) {
        OfficeFile.Slides slides = deck.slides().orElseThrow();
        double ratio = slides.width() / slides.height();
        return Arrays.stream(SlideSize.values())
                .filter(size -> Math.abs(ratio / ((double) size.width() / SlideSize.HEIGHT) - 1) < SAME)
                .findFirst();
    }

    /**
     * @param kept parts of masters that stay, with the pages on them
     * @return the file with the template's master
     * @throws IllegalArgumentException if something stands in the way
     */
    public static byte[] under(ExistingFile file, Look look, Assets assets, Set<String> kept) {
        obstacle(file).ifPresent(obstacle -> {
            throw new IllegalArgumentException("The master cannot be taken: " + obstacle);
        });
        OfficeFile deck = file.deck().orElseThrow();
        ByteArrayOutputStream template = new ByteArrayOutputStream();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            new PresentationTemplate(size(deck).orElseThrow()).write(Order.of(look, assets), template);
            deck.writeOnMaster(template.toByteArray(), kept, out);
        } catch (IOException e) {
            throw new UncheckedIOException("A file in memory cannot be written", e);
        }
        return out.toByteArray();
    }
}
