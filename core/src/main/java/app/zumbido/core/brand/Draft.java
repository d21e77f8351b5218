package app.zumbido.core.brand;

import app.zumbido.core.color.Difference;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.extraction.Extraction;
import app.zumbido.core.extraction.Order;
import app.zumbido.core.extraction.Proposal;
import app.zumbido.core.extraction.Reading;
import app.zumbido.core.inspect.Inventory;
import app.zumbido.core.inspect.UsedColor;
import app.zumbido.core.palette.Origin;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.palette.WorkingName;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;

/** Makes a whole first brand from what one picture proposes. */
public final class Draft {
    /** Six or seven colours are a lot for a brand; common practice, no published source. */
    private static final int MOST_OF_ARTWORK = 7;
    /** Of many colours in a photograph a brand keeps few; common practice, no published source. */
    private static final int MOST_OF_PHOTOGRAPH = 5;
    /** More chips are a paint maker's card; common practice, no published source. */
    private static final int MOST_OF_SHEET = 24;

    /** The same colour in two files, one of them perhaps worn; ΔE00. */
    private static final double SAME = 2.3;

    /** A colour of a page is the one of a code up to here, since pages are drawn with smoothed edges; ΔE00. */
    private static final double SHOWN = 3;
    /** One code alone may be only mentioned. */
    private static final int FEWEST_CODES = 2;
    /** More than any page has colours. */
    private static final double SHEET_FIRST = 1000;

    /** Shares of a picture that a ground takes at least where a logo stands on it. */
    private static final double LEAST_PAPER = 0.05;

    private static final double LEAST_COLOR = 0.5;
    /** Paper is lighter, black is darker; OKLCH. */
    private static final double LIGHT = 0.9;

    private static final double DARK = 0.3;

    private Draft() {}

    /**
     * @param source the picture's name
     * @param brand as it is, without a colour
     * @param given names that the picture itself gives to colours, in its own order
     * @param ids makes an id for each new swatch
     * @return nothing if the picture proposes no colour
     */
    public static Optional<BrandChange.DraftBrand> from(
            Extraction extraction, String source, Map<Rgb, String> given, Brand brand, Supplier<UUID> ids) {
        List<Swatch> swatches = swatches(extraction, source, given, ids);
        return swatches.isEmpty() ? Optional.empty() : Optional.of(BrandChange.DraftBrand.of(brand, source, swatches));
    }

    /** @return what a picture shows of a brand, as {@link #from} takes it */
    public static List<Swatch> swatches(
            Extraction extraction, String source, Map<Rgb, String> given, Supplier<UUID> ids) {
        List<Proposal> proposals = new ArrayList<>(chosen(extraction));
        if (isManual(proposals, given)) {
            proposals.sort(Comparator.comparingInt(proposal -> place(proposal, List.copyOf(given.keySet()))));
        }
        return swatches(proposals, source, given, ids);
    }

    /**
     * What a page of a manual says in codes; those that it also shows are meant, the others may be of a press or of an example.
     * Of a page that shows none a single code is only mentioned.
     *
     * @param given by colour its name, in the order of the page
     */
    public static List<Swatch> ofCodes(Extraction page, String source, Map<Rgb, String> given, Supplier<UUID> ids) {
        List<Rgb> shown = given.keySet().stream()
                .filter(color -> page.proposals().stream()
                        .anyMatch(proposal -> Difference.between(proposal.color(), color) < SHOWN))
                .toList();
        List<Rgb> meant = shown.isEmpty() && given.size() >= FEWEST_CODES ? List.copyOf(given.keySet()) : shown;
        Set<String> names = new HashSet<>();
        List<Swatch> swatches = new ArrayList<>();
        for (Rgb color : meant.stream().limit(MOST_OF_SHEET).toList()) {
            String name = names.contains(given.get(color)) ? WorkingName.of(color, names) : given.get(color);
            names.add(name);
            swatches.add(Swatch.of(new SwatchId(ids.get()), name, color, List.of(Origin.of(source))));
        }
        return swatches;
    }

    /**
     * Whether a picture is a logo, as far as can be told: artwork of a few colours that stands on nothing, on paper, on black,
     * or on much of another colour. Common practice, no published source.
     */
    public static boolean isLogo(Extraction picture) {
        if (picture.reading() != Reading.ARTWORK || picture.sheet()) {
            return false;
        }
        return picture.transparentGround()
                || picture.proposals().stream()
                        .filter(Proposal::ground)
                        .anyMatch(ground -> ground.coverage().value() >= (isPaper(ground) ? LEAST_PAPER : LEAST_COLOR));
    }

    private static boolean isPaper(Proposal ground) {
        Oklch polar = Oklch.of(ground.color());
        return polar.l() >= LIGHT || polar.l() <= DARK;
    }

    /** @return how much a page tells of a palette; a cover tells little */
    public static double worthOf(Extraction page) {
        long colorful = page.proposals().stream()
                .filter(proposal -> Oklch.of(proposal.color()).isColorful())
                .count();
        return page.sheet() ? SHEET_FIRST + colorful : colorful;
    }

    /**
     * Several files of one brand as one: what two of them show of the same colour is one colour with two places, also where
     * one of the files is worn.
     *
     * @param files what each shows, the most important file first
     * @return each colour once, under a name of its own
     */
    public static List<Swatch> merged(List<List<Swatch>> files) {
        List<Swatch> all = new ArrayList<>();
        Set<String> names = new HashSet<>();
        for (Swatch swatch : files.stream().flatMap(List::stream).toList()) {
            int same = indexOfSame(all, swatch);
            if (same >= 0) {
                Swatch kept = all.get(same);
                for (Origin origin : swatch.origins()) {
                    kept = kept.alsoFrom(origin);
                }
                all.set(same, kept);
            } else {
                String name = names.contains(swatch.name()) ? WorkingName.of(swatch.color(), names) : swatch.name();
                names.add(name);
                all.add(swatch.withName(name));
            }
        }
        return all;
    }

    private static int indexOfSame(List<Swatch> all, Swatch swatch) {
        for (int i = 0; i < all.size(); i++) {
            if (Difference.between(all.get(i).color(), swatch.color()) < SAME) {
                return i;
            }
        }
        return -1;
    }

    /** A sheet is a palette already; the paper beneath its chips is none of its colours. */
    private static List<Proposal> chosen(Extraction extraction) {
        if (extraction.sheet()) {
            return extraction.shown(Optional.of(MOST_OF_SHEET), Order.PLACE).stream()
                    .filter(proposal -> !proposal.ground())
                    .toList();
        }
        int most = extraction.reading() == Reading.ARTWORK ? MOST_OF_ARTWORK : MOST_OF_PHOTOGRAPH;
        return extraction.shown(Optional.of(most), Order.COVERAGE);
    }

    /** A manual names most of its colours, and in the order of their importance. */
    private static boolean isManual(List<Proposal> proposals, Map<Rgb, String> given) {
        long named = proposals.stream()
                .filter(proposal -> given.containsKey(proposal.color()))
                .count();
        return named * 2 > proposals.size();
    }

    /** @return what is not named stands behind all that is */
    private static int place(Proposal proposal, List<Rgb> named) {
        int place = named.indexOf(proposal.color());
        return place < 0 ? named.size() : place;
    }

    /**
     * The same from what a file lists.
     *
     * @return the file's own theme if it has one; nothing if it lists no colour
     */
    public static Optional<Change> from(Inventory inventory, String source, Brand brand, Supplier<UUID> ids) {
        if (inventory.theme().isPresent()) {
            return Optional.of(ThemeTaking.from(inventory.theme().get(), source, brand, ids));
        }
        List<Swatch> swatches = swatches(inventory, source, ids);
        return swatches.isEmpty() ? Optional.empty() : Optional.of(BrandChange.DraftBrand.of(brand, source, swatches));
    }

    /** @return what a file lists and means, the most used first */
    public static List<Swatch> swatches(Inventory inventory, String source, Supplier<UUID> ids) {
        Set<String> names = new HashSet<>();
        List<Swatch> swatches = new ArrayList<>();
        for (UsedColor used : inventory.meant().stream().limit(MOST_OF_ARTWORK).toList()) {
            String name = used.name()
                    .filter(own -> own.length() <= Swatch.LONGEST_NAME && !names.contains(own))
                    .orElseGet(() -> WorkingName.of(used.color(), names));
            names.add(name);
            swatches.add(Swatch.of(new SwatchId(ids.get()), name, used.color(), List.of(Origin.of(source))));
        }
        return swatches;
    }

    private static List<Swatch> swatches(
            List<Proposal> proposals, String source, Map<Rgb, String> given, Supplier<UUID> ids) {
        Set<String> names = new HashSet<>();
        List<Swatch> swatches = new ArrayList<>();
        for (Proposal proposal : proposals) {
            String own = given.get(proposal.color());
            String name = own == null ? WorkingName.of(proposal.color(), names) : own;
            names.add(name);
            Origin origin =
                    Origin.at(source, proposal.place().x(), proposal.place().y());
            swatches.add(Swatch.of(new SwatchId(ids.get()), name, proposal.color(), List.of(origin)));
        }
        return swatches;
    }
}
