package app.zumbido.server.answer;

import app.zumbido.core.brand.Consequences;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.UsedPair;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.roles.Role;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Everything that would follow a change.
 *
 * @param tints how many exact values of the slots' derived tints change
 * @param roles those whose color changes
 * @param grounds gradients and overlays of the brand that are painted anew
 * @param inside whether the colour is what was asked for; if not, it was brought to what a screen can show
 */
record ConsequencesResponse(
        List<SwatchFollowsResponse> swatches,
        List<SlotFollowsResponse> slots,
        int tints,
        List<PairTurnsResponse> pairs,
        List<Role> roles,
        List<GroundFollowsResponse> grounds,
        boolean inside) {
    static ConsequencesResponse of(Consequences consequences, boolean inside) {
        return new ConsequencesResponse(
                consequences.swatches().stream().map(SwatchFollowsResponse::of).toList(),
                consequences.slots().stream().map(SlotFollowsResponse::of).toList(),
                consequences.tints(),
                consequences.pairs().stream().map(PairTurnsResponse::of).toList(),
                consequences.roles(),
                consequences.grounds().stream()
                        .map(follows ->
                                new GroundFollowsResponse(follows.ground().name(), follows.reads()))
                        .toList(),
                inside);
    }

    /** @param reads whether its own text can be read afterwards where it is hardest, large at least */
    record GroundFollowsResponse(String name, boolean reads) {}

    private static @Nullable String hex(Optional<Rgb> color) {
        return color.map(Rgb::hex).orElse(null);
    }

    /**
     * @param to absent if it leaves the palette
     * @param derived whether it stands on the ladder of another
     */
    record SwatchFollowsResponse(
            UUID id, String name, String from, @Nullable String to, boolean derived) {
        static SwatchFollowsResponse of(Consequences.SwatchFollows follows) {
            Swatch swatch = follows.swatch();
            return new SwatchFollowsResponse(
                    swatch.id().value(), swatch.name(), swatch.color().hex(), hex(follows.to()), follows.derived());
        }
    }

    /**
     * @param theme name of the theme that it is of
     * @param from absent if it was empty
     */
    record SlotFollowsResponse(
            String theme,
            String slot,
            @Nullable String from,
            @Nullable String to) {
        static SlotFollowsResponse of(Consequences.SlotFollows follows) {
            return new SlotFollowsResponse(
                    follows.theme().name(), follows.slot().code(), hex(follows.from()), hex(follows.to()));
        }
    }

    /**
     * A pair in use that turns.
     *
     * @param theme name of the theme that it is of
     * @param foreground code of the slot
     * @param ground code of the slot
     * @param before contrast ratio, unrounded
     * @param after contrast ratio, unrounded
     * @param passes whether it is good enough afterwards, at level AA
     */
    record PairTurnsResponse(
            String theme,
            UsedPair.Kind kind,
            String foreground,
            String ground,
            double before,
            double after,
            boolean passes) {
        static PairTurnsResponse of(Consequences.PairTurns turn) {
            UsedPair after = turn.after();
            return new PairTurnsResponse(
                    turn.theme().name(),
                    after.kind(),
                    after.foreground().code(),
                    after.ground().code(),
                    turn.before().pair().ratio().value(),
                    after.pair().ratio().value(),
                    after.passes());
        }
    }
}
