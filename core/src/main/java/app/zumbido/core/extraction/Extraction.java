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
 * @param sheet whether it is a sheet of chips; then the proposals are in reading order
 * @param exact whether what is flat in the picture has exactly one of the colours, as in unworn artwork
 */
public record Extraction(
        Reading reading, List<Proposal> proposals, boolean transparentGround, boolean sheet, boolean exact) {
    /** Flat parts of artwork are even but for grain; of 255, as {@link Structure#texture()} tells. */
    private static final double TEXTURE_OF_PHOTOGRAPH = 1.35;
    /** Share of flat parts and gradients from which a picture counts as artwork. */
    private static final double FLAT_ENOUGH = 0.4;
    /** Share of flat parts alone from which it counts as artwork in any case. */
    private static final double MOSTLY_FLAT = 0.5;
    /** Inside the parts of artwork colours lie no farther from an even slope; of 255, as {@link Structure#unevenness()}. */
    private static final double EVEN = 0.36;
    /** Share of flat parts and gradients in a drawing that is mostly a gradient. */
    private static final double MOSTLY_GRADIENT = 0.85;
    /**
     * A drawn gradient goes in steps of exactly one value, some pixels wide: such a share of the pixels, less what the noise of
     * JPEG makes uneven.
     */
    private static final double STEPS = 0.55;

    private static final double LESS_FOR_UNEVEN = 0.2;
    /** A speck of the strongest colour matters like so much more of it; share. */
    private static final double NEVER_NOTHING = 0.003;
    /** More chips of one size lie in no photograph, however much is printed on them. */
    private static final int MANY_CHIPS = 8;
    /** So many are shown when nobody asks for a number. */
    private static final int SHOWN_OF_ARTWORK = 12;

    private static final int SHOWN_OF_PHOTOGRAPH = 9;

    public Extraction {
        proposals = List.copyOf(proposals);
    }

    /** Reads the picture as what it seems to be. */
    public static Extraction from(Pixels pixels) {
        Structure structure = Structure.of(pixels);
        Optional<List<Rgb>> chips = ChipSheet.colors(structure);
        boolean sheet = chips.filter(colors -> colors.size() > MANY_CHIPS).isPresent();
        return isDrawn(pixels, structure) || sheet ? artwork(pixels, structure, chips) : photograph(pixels, structure);
    }

    /** What is out of focus is as smooth as a gradient, but never as even as what was drawn. */
    private static boolean isDrawn(Pixels pixels, Structure structure) {
        if (structure.share() < FLAT_ENOUGH || structure.texture() > TEXTURE_OF_PHOTOGRAPH) {
            return false;
        }
        return structure.flatShare() >= MOSTLY_FLAT
                || structure.unevenness() <= EVEN
                || structure.share() >= MOSTLY_GRADIENT
                        && FlatAreas.of(pixels).share() - structure.unevenness() * LESS_FOR_UNEVEN >= STEPS;
    }

    public static Extraction from(Pixels pixels, Reading reading) {
        return switch (reading) {
            case ARTWORK -> {
                Structure structure = Structure.of(pixels);
                yield artwork(pixels, structure, ChipSheet.colors(structure));
            }
            case PHOTOGRAPH -> photograph(pixels, Structure.of(pixels));
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
                Reading.ARTWORK, pixels, colors.stream().limit(Nearest.MOST).toList(), true, false);
        List<Proposal> seen = all.proposals.stream()
                .filter(proposal -> proposal.coverage().value() > 0 || stops.contains(proposal.color()))
                .toList();
        return new Extraction(Reading.ARTWORK, seen, all.transparentGround, false, all.exact);
    }

    private static Extraction artwork(Pixels pixels, Structure structure, Optional<List<Rgb>> chips) {
        boolean worn = Wear.isWorn(pixels);
        if (chips.isPresent()) {
            return divide(Reading.ARTWORK, pixels, chips.get(), !worn, true);
        }
        List<Rgb> colors = worn ? WornArtwork.colors(structure) : Artwork.colors(pixels, structure);
        return divide(Reading.ARTWORK, pixels, colors, !worn, false);
    }

    private static Extraction photograph(Pixels pixels, Structure structure) {
        return divide(Reading.PHOTOGRAPH, pixels, Photograph.colors(structure), false, false);
    }

    private static Extraction divide(Reading reading, Pixels pixels, List<Rgb> colors, boolean exact, boolean sheet) {
        if (colors.isEmpty()) {
            return new Extraction(reading, List.of(), false, sheet, exact);
        }
        Labels labels = new Labels(pixels, colors, exact);
        Regions regions = new Regions(pixels, colors, labels);
        // A photograph is a whole: its sky may fill the edge and is still one of its colours.
        Backdrop ground =
                reading == Reading.ARTWORK ? Backdrop.find(pixels, labels, colors.size()) : new Backdrop.None();
        List<Proposal> proposals = new ArrayList<>();
        for (int i = 0; i < colors.size(); i++) {
            Fraction coverage = Fraction.of(regions.share(i));
            proposals.add(new Proposal(colors.get(i), coverage, ground.is(i), regions.place(i)));
        }
        if (!sheet) {
            proposals.sort(Order.COVERAGE.comparator());
        }
        return new Extraction(reading, proposals, ground instanceof Backdrop.Transparent, sheet, exact);
    }

    /**
     * @param most how many to show, the ground not counted; never padded. Nothing: the machine decides
     * @return the ones that matter most, in the order asked for, the ground last
     */
    public List<Proposal> shown(Optional<Integer> most, Order order) {
        if (sheet) {
            return shownOfSheet(most, order);
        }
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

    /** @return the order that suits the picture best: a sheet is read, anything else is weighed */
    public Order usualOrder() {
        return sheet ? Order.PLACE : Order.COVERAGE;
    }

    /** All chips matter, and they are in reading order already. */
    private List<Proposal> shownOfSheet(Optional<Integer> most, Order order) {
        List<Proposal> shown = new ArrayList<>(proposals.stream()
                .filter(proposal -> !proposal.ground())
                .limit(most.orElse(Nearest.MOST))
                .toList());
        if (order != Order.PLACE) {
            shown.sort(order.comparator());
        }
        proposals.stream().filter(Proposal::ground).forEach(shown::add);
        return List.copyOf(shown);
    }

    /** A small vivid part matters more than its area says. */
    private static double salience(Proposal proposal) {
        return Math.sqrt(proposal.coverage().value() + NEVER_NOTHING)
                * (0.1 + Oklch.of(proposal.color()).c());
    }

    /**
     * @param color of one of the proposals
     * @param width of the mask, in pixels
     * @param height of the mask, in pixels
     * @return which cells of a mask of that size belong to the colour, row by row, told as for the coverage; nothing if
     *     it is not proposed
     */
    public Optional<BitSet> region(Pixels pixels, Rgb color, int width, int height) {
        List<Rgb> colors = proposals.stream().map(Proposal::color).toList();
        int index = colors.indexOf(color);
        if (index < 0) {
            return Optional.empty();
        }
        Labels labels = new Labels(pixels, colors, exact);
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
