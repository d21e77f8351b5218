package app.zumbido.server.contrast;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Look;
import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.contrast.ComposedGround;
import app.zumbido.core.contrast.ComposedStandings;
import app.zumbido.core.contrast.Ground;
import app.zumbido.core.contrast.PairRule;
import app.zumbido.core.contrast.Remedy;
import app.zumbido.core.contrast.Standing;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What may stand on each ground. Every colour stands once in a list and is spoken of by its place there, counted from 0.
 *
 * @param composed gradients and pictures of the brand; with the first grounds only
 * @param failing how many texts in use cannot be read or must not be used, and are not left on purpose
 * @param more whether there are grounds after these
 */
record GroundsResponse(
        List<NamedColorResponse> colors,
        List<ByGroundResponse> grounds,
        List<ComposedGroundResponse> composed,
        int failing,
        boolean more) {
    /** So many standings go into one answer; each is some seventy bytes. */
    private static final int MOST_STANDINGS = 1200;

    /** @param from how many grounds to pass over */
    static GroundsResponse of(Look look, WcagLevel level, int from) {
        Brand brand = look.brand();
        ColorNames names = new ColorNames(look);
        List<Rgb> colors = List.copyOf(Ground.colors(look.palette(), look.roles(), look.theme()));
        List<ComposedGround> composed = from == 0 ? brand.grounds().composed() : List.of();
        int most = Math.max(1, MOST_STANDINGS / colors.size() - composed.size());
        List<Ground> grounds =
                Ground.of(look.palette(), look.roles(), look.theme(), brand.grounds(), level, from, most);
        Map<UUID, ComposedStandings> standings = composed.isEmpty()
                ? Map.of()
                : ComposedStandings.of(look.palette(), look.roles(), look.theme(), brand.grounds(), level).stream()
                        .collect(Collectors.toMap(found -> found.ground().id(), found -> found));
        Places places = new Places(colors);
        return new GroundsResponse(
                colors.stream()
                        .map(color -> NamedColorResponse.of(color, names))
                        .toList(),
                grounds.stream()
                        .map(ground -> ByGroundResponse.of(ground, places))
                        .toList(),
                composed.stream()
                        .map(ground -> ComposedGroundResponse.of(
                                ground, Optional.ofNullable(standings.get(ground.id())), brand, names, places))
                        .toList(),
                Ground.toLookAt(look.palette(), look.roles(), look.theme(), brand.grounds(), level),
                from + grounds.size() < colors.size());
    }

    /** Where each colour stands in the list. */
    static final class Places {
        private final Map<Rgb, Integer> places = new HashMap<>();

        Places(List<Rgb> colors) {
            colors.forEach(color -> places.put(color, places.size()));
        }

        int of(Rgb color) {
            return places.get(color);
        }
    }

    /**
     * A color of the brand.
     *
     * @param name of its swatch; empty if no swatch has it
     * @param swatch absent if no swatch has it
     * @param slots codes of the theme slots that show it
     */
    record NamedColorResponse(
            String hex, String ink, String name, @Nullable UUID swatch, List<String> slots) {
        static NamedColorResponse of(Rgb color, ColorNames names) {
            return new NamedColorResponse(
                    color.hex(), color.ink().hex(), names.of(color), names.swatch(color), names.slots(color));
        }
    }

    /**
     * @param color its place in the list of colors
     * @param may what text may have there, the highest ratio first
     * @param mayNot what it may not
     */
    record ByGroundResponse(int color, List<StandingResponse> may, List<StandingResponse> mayNot) {
        static ByGroundResponse of(Ground ground, Places places) {
            return new ByGroundResponse(
                    places.of(ground.color()),
                    StandingResponse.allOf(ground.may(), places),
                    StandingResponse.allOf(ground.mayNot(), places));
        }
    }

    /** What else is said of a text on a ground. */
    enum Mark {
        /** The brand uses it so. */
        USED,
        /** The two vibrate side by side. */
        CLASHES,
        /** Somebody has to look at it. */
        TO_LOOK_AT
    }

    /**
     * @param color its place in the list of colors
     * @param ratio unrounded
     * @param rule what a person has decided about the pair
     */
    record StandingResponse(
            int color,
            double ratio,
            Standing.Verdict verdict,
            Set<Mark> marks,
            @Nullable PairRuleResponse rule) {
        static List<StandingResponse> allOf(List<Standing> standings, Places places) {
            return standings.stream().map(standing -> of(standing, places)).toList();
        }

        private static StandingResponse of(Standing standing, Places places) {
            Set<Mark> marks = EnumSet.noneOf(Mark.class);
            if (standing.used()) {
                marks.add(Mark.USED);
            }
            if (standing.clashes()) {
                marks.add(Mark.CLASHES);
            }
            if (standing.isToLookAt()) {
                marks.add(Mark.TO_LOOK_AT);
            }
            return new StandingResponse(
                    places.of(standing.foreground()),
                    standing.ratio().value(),
                    standing.verdict(),
                    marks,
                    standing.rule().map(PairRuleResponse::of).orElse(null));
        }
    }

    /** @param reason in the brand's own words */
    record PairRuleResponse(PairRule.Kind kind, String reason) {
        static PairRuleResponse of(PairRule rule) {
            return new PairRuleResponse(rule.kind(), rule.reason());
        }
    }

    /**
     * A change that makes a failing pair readable.
     *
     * @param ratio afterwards, unrounded
     * @param cost how far the changed color moves; ΔE00
     */
    record RemedyResponse(
            Remedy.Kind kind, NamedColorResponse foreground, NamedColorResponse ground, double ratio, double cost) {
        static RemedyResponse of(Remedy remedy, ColorNames names) {
            return new RemedyResponse(
                    remedy.kind(),
                    NamedColorResponse.of(remedy.foreground(), names),
                    NamedColorResponse.of(remedy.ground(), names),
                    remedy.ratio().value(),
                    remedy.cost());
        }
    }

    record RemediesResponse(double ratio, double needed, List<RemedyResponse> remedies) {}

    /** @param ratio of the text on the ground, unrounded */
    record TextOnGroundResponse(NamedColorResponse ground, NamedColorResponse text, double ratio) {
        static TextOnGroundResponse of(Rgb ground, Rgb text, ColorNames names) {
            return new TextOnGroundResponse(
                    NamedColorResponse.of(ground, names),
                    NamedColorResponse.of(text, names),
                    ContrastRatio.between(text, ground).value());
        }
    }
}
