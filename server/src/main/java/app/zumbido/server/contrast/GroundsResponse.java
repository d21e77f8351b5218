package app.zumbido.server.contrast;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Look;
import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.contrast.ComposedStandings;
import app.zumbido.core.contrast.Ground;
import app.zumbido.core.contrast.PairRule;
import app.zumbido.core.contrast.Remedy;
import app.zumbido.core.contrast.Standing;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What may stand on each ground.
 *
 * @param composed gradients and pictures of the brand
 * @param failing how many texts in use cannot be read or must not be used, and are not left on purpose
 */
record GroundsResponse(List<ByGroundResponse> grounds, List<ComposedGroundResponse> composed, int failing) {
    static GroundsResponse of(Look look, WcagLevel level) {
        Brand brand = look.brand();
        ColorNames names = new ColorNames(look);
        List<Ground> grounds = Ground.of(brand.palette(), brand.roles(), look.theme(), brand.grounds(), level);
        Map<UUID, ComposedStandings> standings =
                ComposedStandings.of(brand.palette(), brand.roles(), look.theme(), brand.grounds(), level).stream()
                        .collect(Collectors.toMap(found -> found.ground().id(), found -> found));
        return new GroundsResponse(
                grounds.stream()
                        .map(ground -> ByGroundResponse.of(ground, names))
                        .toList(),
                brand.grounds().composed().stream()
                        .map(ground -> ComposedGroundResponse.of(
                                ground, Optional.ofNullable(standings.get(ground.id())), brand, names))
                        .toList(),
                Ground.toLookAt(brand.palette(), brand.roles(), look.theme(), brand.grounds(), level));
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
     * @param may what text may have there, the highest ratio first
     * @param mayNot what it may not
     */
    record ByGroundResponse(NamedColorResponse color, List<StandingResponse> may, List<StandingResponse> mayNot) {
        static ByGroundResponse of(Ground ground, ColorNames names) {
            return new ByGroundResponse(
                    NamedColorResponse.of(ground.color(), names),
                    ground.may().stream()
                            .map(standing -> StandingResponse.of(standing, names))
                            .toList(),
                    ground.mayNot().stream()
                            .map(standing -> StandingResponse.of(standing, names))
                            .toList());
        }
    }

    /**
     * @param ratio unrounded
     * @param used whether the brand uses it so
     * @param clashes whether the two vibrate side by side
     * @param toLookAt whether somebody has to look at it
     * @param rule what a person has decided about the pair
     */
    record StandingResponse(
            NamedColorResponse color,
            double ratio,
            Standing.Verdict verdict,
            boolean used,
            boolean clashes,
            boolean toLookAt,
            @Nullable PairRuleResponse rule) {
        static StandingResponse of(Standing standing, ColorNames names) {
            return new StandingResponse(
                    NamedColorResponse.of(standing.foreground(), names),
                    standing.ratio().value(),
                    standing.verdict(),
                    standing.used(),
                    standing.clashes(),
                    standing.isToLookAt(),
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
