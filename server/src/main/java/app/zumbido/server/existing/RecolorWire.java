package app.zumbido.server.existing;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Frame;
import app.zumbido.core.recolor.ColorArea;
import app.zumbido.core.recolor.Deal;
import app.zumbido.core.recolor.DealCost;
import app.zumbido.core.recolor.Graphic;
import app.zumbido.core.recolor.Mood;
import app.zumbido.formats.recolor.GraphicFile;
import app.zumbido.formats.recolor.Grouping;
import app.zumbido.formats.recolor.RecolorWords;
import app.zumbido.server.http.Given;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** What is asked about recolouring, and answered. */
final class RecolorWire {
    private static final int MOST_COLORS = 400;

    private RecolorWire() {}

    /** @param from hex of a colour in the graphic @param to hex of what it becomes */
    record ColorPair(
            @NotBlank @Size(max = 60) String from,
            @NotBlank @Size(max = 60) String to) {}

    /** Shares of the graphic, from its upper left corner. */
    record MarkedFrameRequest(
            @Min(-1) @Max(2) double x,
            @Min(-1) @Max(2) double y,
            @Min(0) @Max(3) double width,
            @Min(0) @Max(3) double height) {
        static List<Frame> parse(@Nullable List<String> marked) {
            List<Frame> frames = new ArrayList<>();
            if (marked == null) {
                return frames;
            }
            // A list in an address is parted at commas, so that four of them make a frame.
            for (int i = 0; i + 3 < marked.size(); i += 4) {
                frames.add(new Frame(
                        number(marked.get(i)),
                        number(marked.get(i + 1)),
                        number(marked.get(i + 2)),
                        number(marked.get(i + 3))));
            }
            return frames;
        }

        private static double number(String text) {
            try {
                return Double.parseDouble(text);
            } catch (NumberFormatException e) {
                throw ExistingFileException.noNumber(text);
            }
        }
    }

    /**
     * @param count how many arrangements, 1 to 24; absent: one
     * @param colors hexes to deal from; absent: all of the palette that may be used
     * @param keep colours that become something in any case
     * @param steps whether steps of the colours' ladders come in for shades, and where there are too few; absent: yes
     * @param difference how near colours lie that count as one; ΔE00, 0 to 30, absent: 3
     * @param mood cooler, warmer, quieter, livelier, darker, lighter or earthier
     * @param marked where what takes part lies; absent: everything does
     * @param still hexes of colours that take no part
     * @param with other graphics that take the same mapping
     */
    record DealRequest(
            @Nullable @Min(1) @Max(24) Integer count,
            @Nullable @Size(max = 60) List<@NotBlank @Size(max = 60) String> colors,
            @Nullable @Size(max = MOST_COLORS) List<@Valid ColorPair> keep,
            @Nullable Boolean steps,
            @Nullable @Min(0) @Max(30) Double difference,
            @Nullable Mood mood,
            @Nullable @Size(max = 40) List<@Valid MarkedFrameRequest> marked,
            @Nullable @Size(max = MOST_COLORS) List<@NotBlank @Size(max = 60) String> still,
            @Nullable @Size(max = 60) List<UUID> with) {}

    record WeighRequest(
            @NotNull @Size(max = MOST_COLORS) List<@Valid ColorPair> mapping,
            @NotNull @Valid DealRequest wish) {}

    /** @param variables whether swatches are written by their names, as custom properties with a fallback; drawings only */
    record RecolorRequest(
            @NotNull @Size(min = 1, max = MOST_COLORS) List<@Valid ColorPair> mapping,
            @Nullable @Size(max = 40) List<@Valid MarkedFrameRequest> marked,
            @Nullable Boolean variables) {}

    record DuotoneRequest(
            @NotBlank @Size(max = 60) String dark,
            @NotBlank @Size(max = 60) String light) {}

    /** A graphic that was drawn as one of a set with another. */
    record SetMember(UUID id, String name) {}

    static Deals.Wish wish(@Nullable Double difference, List<Frame> marked) {
        return new Deals.Wish(
                List.of(),
                true,
                Map.of(),
                Set.of(),
                marked,
                difference == null ? Grouping.USUAL : difference,
                Optional.empty());
    }

    static Deals.Wish wish(DealRequest request) {
        return new Deals.Wish(
                colors(request.colors()),
                !Boolean.FALSE.equals(request.steps()),
                mapping(request.keep()),
                new HashSet<>(colors(request.still())),
                frames(request.marked()),
                request.difference() == null ? Grouping.USUAL : request.difference(),
                Optional.ofNullable(request.mood()));
    }

    private static List<Rgb> colors(@Nullable List<String> hexes) {
        return hexes == null
                ? List.of()
                : hexes.stream().map(Given::color).distinct().toList();
    }

    static Map<Rgb, Rgb> mapping(@Nullable List<ColorPair> mapped) {
        Map<Rgb, Rgb> mapping = new LinkedHashMap<>();
        if (mapped != null) {
            mapped.forEach(pair -> mapping.put(Given.color(pair.from()), Given.color(pair.to())));
        }
        return mapping;
    }

    static List<Frame> frames(@Nullable List<MarkedFrameRequest> marked) {
        return marked == null
                ? List.of()
                : marked.stream()
                        .map(frame -> new Frame(frame.x(), frame.y(), frame.width(), frame.height()))
                        .toList();
    }

    /**
     * @param photograph whether no colour of it can become another
     * @param pictures whether there are pictures inside that keep their colours
     * @param unwritten hexes of colours that cannot be changed
     * @param width in pixels of its own
     */
    record AreasResponse(
            boolean photograph,
            boolean pictures,
            List<String> unwritten,
            int width,
            int height,
            List<AreaResponse> areas) {
        static AreasResponse photograph(GraphicFile graphic) {
            return new AreasResponse(true, false, List.of(), graphic.width(), graphic.height(), List.of());
        }

        /**
         * @param all areas of all graphics that are recoloured together; those that take no part are left out
         * @param own those of this one
         */
        static AreasResponse of(GraphicFile graphic, Graphic all, Graphic own) {
            List<Integer> parts = IntStream.range(0, all.areas().size())
                    .filter(i -> !all.areas().get(i).still())
                    .boxed()
                    .toList();
            return new AreasResponse(
                    false,
                    graphic.hasPictures(),
                    graphic.unwritten().stream().map(Rgb::hex).toList(),
                    graphic.width(),
                    graphic.height(),
                    parts.stream().map(i -> AreaResponse.of(all, i, parts, own)).toList());
        }
    }

    /**
     * All of a graphic that has one colour.
     *
     * @param hexes the colours that count as this one
     * @param share of what is painted, 0 to 1
     * @param x where it is seen best, as a share of the width
     * @param here whether it is seen in this graphic, and not only in another of the set
     * @param touching the areas that it touches, by their place in the list, with the contrast ratio
     */
    record AreaResponse(
            String hex,
            String ink,
            List<String> hexes,
            double share,
            double x,
            double y,
            boolean here,
            List<TouchingResponse> touching) {
        static AreaResponse of(Graphic graphic, int index, List<Integer> parts, Graphic own) {
            ColorArea area = graphic.areas().get(index);
            Optional<ColorArea> here = own.areas().stream()
                    .filter(other -> other.colors().stream().anyMatch(area.colors()::contains))
                    .findFirst();
            List<TouchingResponse> touching = IntStream.range(0, parts.size())
                    .filter(place -> graphic.touch(index, parts.get(place)))
                    .mapToObj(place ->
                            TouchingResponse.of(place, area, graphic.areas().get(parts.get(place))))
                    .toList();
            return new AreaResponse(
                    area.color().hex(),
                    area.color().ink().hex(),
                    area.colors().stream().map(Rgb::hex).toList(),
                    area.share(),
                    here.map(ColorArea::x).orElse(area.x()),
                    here.map(ColorArea::y).orElse(area.y()),
                    here.filter(it -> it.share() > 0).isPresent(),
                    touching);
        }
    }

    record TouchingResponse(int area, double ratio) {
        static TouchingResponse of(int place, ColorArea one, ColorArea other) {
            return new TouchingResponse(
                    place, ContrastRatio.between(one.color(), other.color()).value());
        }
    }

    record DealsResponse(List<DealResponse> deals) {}

    /**
     * @param leastContrast of touching areas, 1 to 21; absent where none touch
     * @param cost what was given up, unitless; 0 is as good as can be
     * @param weaker touching areas that are told apart less than before, the weakest first
     * @param sentence what is to be known of it
     */
    record DealResponse(
            List<DealtResponse> mapping,
            @Nullable Double leastContrast,
            CostResponse cost,
            List<WeakerResponse> weaker,
            String sentence) {
        static DealResponse of(Deal deal, Graphic areas) {
            return new DealResponse(
                    deal.mapping().entrySet().stream()
                            .map(pair -> new DealtResponse(
                                    pair.getKey().hex(),
                                    pair.getValue().hex(),
                                    pair.getValue().ink().hex()))
                            .toList(),
                    deal.leastContrast().orElse(null),
                    CostResponse.of(deal.cost()),
                    deal.weaker().stream()
                            .map(weaker -> new WeakerResponse(
                                    areas.areas().get(weaker.one()).color().hex(),
                                    areas.areas().get(weaker.other()).color().hex(),
                                    weaker.before(),
                                    weaker.after()))
                            .toList(),
                    RecolorWords.deal(deal));
        }
    }

    /** @param ink what is read on it, black or white */
    record DealtResponse(String from, String to, String ink) {}

    record CostResponse(
            double lightness, double contrast, double families, double importance, double mood, double total) {
        static CostResponse of(DealCost cost) {
            return new CostResponse(
                    cost.lightness(), cost.contrast(), cost.families(), cost.importance(), cost.mood(), cost.total());
        }
    }

    /** @param one hex of the graphic as it came @param before contrast ratio */
    record WeakerResponse(String one, String other, double before, double after) {}
}
