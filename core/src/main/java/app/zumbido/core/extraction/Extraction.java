package app.zumbido.core.extraction;

import app.zumbido.core.color.Fraction;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.image.Pixels;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * All that a picture proposes under one reading.
 *
 * @param reading how the picture was read
 * @param proposals everything found, in order of coverage, the ground last
 * @param transparentGround whether the picture stands on nothing, so that no colour is the ground
 */
public record Extraction(Reading reading, List<Proposal> proposals, boolean transparentGround) {
    /** Share of flat pixels from which a picture counts as artwork. */
    private static final double FLAT_ENOUGH = 0.5;
    /** So many are shown when nobody asks for a number. */
    private static final int SHOWN_OF_ARTWORK = 12;

    private static final int SHOWN_OF_PHOTOGRAPH = 7;

    public Extraction {
        proposals = List.copyOf(proposals);
    }

    /** Reads the picture as what it seems to be. */
    public static Extraction from(Pixels pixels) {
        FlatAreas flat = FlatAreas.of(pixels);
        return flat.share() >= FLAT_ENOUGH ? artwork(pixels, flat) : photograph(pixels);
    }

    public static Extraction from(Pixels pixels, Reading reading) {
        return switch (reading) {
            case ARTWORK -> artwork(pixels, FlatAreas.of(pixels));
            case PHOTOGRAPH -> photograph(pixels);
        };
    }

    /**
     * Divides a drawing among the colours that it is known to be made of, as its file says.
     *
     * @param fills kept if they are seen
     * @param stops of gradients; kept in any case, since a stop hardly ever fills a whole pixel
     */
    public static Extraction among(Pixels pixels, Set<Rgb> fills, Set<Rgb> stops) {
        Set<Rgb> colors = new LinkedHashSet<>(fills);
        colors.addAll(stops);
        Extraction all = divide(
                Reading.ARTWORK, pixels, colors.stream().limit(Nearest.MOST).toList());
        List<Proposal> seen = all.proposals.stream()
                .filter(proposal -> proposal.coverage().value() > 0 || stops.contains(proposal.color()))
                .toList();
        return new Extraction(Reading.ARTWORK, seen, all.transparentGround);
    }

    private static Extraction artwork(Pixels pixels, FlatAreas flat) {
        return divide(Reading.ARTWORK, pixels, Artwork.colors(pixels, flat));
    }

    private static Extraction photograph(Pixels pixels) {
        return divide(Reading.PHOTOGRAPH, pixels, Photograph.colors(pixels));
    }

    private static Extraction divide(Reading reading, Pixels pixels, List<Rgb> colors) {
        if (colors.isEmpty()) {
            return new Extraction(reading, List.of(), false);
        }
        Labels labels = new Labels(reading, pixels, colors);
        Regions regions = new Regions(reading, pixels, colors, labels);
        // A photograph is a whole: its sky may fill the edge and is still one of its colours.
        int ground = reading == Reading.ARTWORK ? Ground.find(pixels, labels, colors.size()) : Ground.NONE;
        List<Proposal> proposals = new ArrayList<>();
        for (int i = 0; i < colors.size(); i++) {
            Fraction coverage = Fraction.of(regions.share(i));
            proposals.add(new Proposal(colors.get(i), coverage, i == ground, regions.place(i)));
        }
        proposals.sort(Order.COVERAGE.comparator());
        return new Extraction(reading, proposals, ground == Ground.TRANSPARENT);
    }

    /**
     * @param most how many to show, the ground not counted; never padded. Nothing: the machine decides
     * @return the ones that matter most, in the order asked for, the ground last
     */
    public List<Proposal> shown(Optional<Integer> most, Order order) {
        int limit = most.orElse(reading == Reading.ARTWORK ? SHOWN_OF_ARTWORK : SHOWN_OF_PHOTOGRAPH);
        List<Proposal> shown = new ArrayList<>(proposals.stream()
                .filter(proposal -> !proposal.ground())
                .sorted(Comparator.comparingDouble(Extraction::salience).reversed())
                .limit(limit)
                .toList());
        proposals.stream().filter(Proposal::ground).forEach(shown::add);
        shown.sort(order.comparator());
        return List.copyOf(shown);
    }

    /** A small vivid part matters more than its area says. */
    private static double salience(Proposal proposal) {
        return Math.sqrt(proposal.coverage().value())
                * (0.1 + Oklch.of(proposal.color()).c());
    }

    /**
     * @param color of one of the proposals
     * @param width of the mask, in pixels
     * @param height of the mask, in pixels
     * @return which cells of a mask of that size belong to the colour, row by row; nothing if it is not proposed
     */
    public Optional<BitSet> region(Pixels pixels, Rgb color, int width, int height) {
        List<Rgb> colors = proposals.stream().map(Proposal::color).toList();
        int index = colors.indexOf(color);
        if (index < 0) {
            return Optional.empty();
        }
        Labels labels = new Labels(reading, pixels, colors);
        BitSet mask = new BitSet(width * height);
        for (int y = 0; y < height; y++) {
            int sourceY = (int) ((y + 0.5) * pixels.height() / height);
            for (int x = 0; x < width; x++) {
                int sourceX = (int) ((x + 0.5) * pixels.width() / width);
                mask.set(y * width + x, labels.at(sourceX, sourceY) == index);
            }
        }
        return Optional.of(mask);
    }
}
