package app.zumbido.server.existing;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Frame;
import app.zumbido.core.inspect.Place;
import app.zumbido.core.inspect.check.Fault;
import app.zumbido.core.inspect.check.Mending;
import app.zumbido.formats.existing.FaultWords;
import app.zumbido.server.existing.Checks.Judged;
import app.zumbido.server.http.WireNames;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** What is asked about faults, and answered. */
final class FaultWire {
    private FaultWire() {}

    /**
     * @param faults ids of those that are mended
     * @param all safe, or a kind; where faults are named it is not looked at
     * @param ways by the id of a fault which of its ways is gone, 0 first; absent: the first
     */
    record MendRequest(
            @Nullable @Size(max = 20_000) List<String> faults,
            @Nullable String all,
            @Nullable Map<String, Integer> ways) {}

    /** @param because may be empty */
    record LeaveRequest(@NotNull @Size(max = 200) String because) {}

    /**
     * @param kind by-hand, near-brand, outside, off-limits, contrast, highlight, hierarchy, too-many, too-few, clash,
     *     chart-order, chart-alike, tints-first, font-outside, font-missing, size, logo-missing, logo-stretched, logo-ground
     * @param title what all faults of the kind are
     * @param reason why it is one, in one sentence
     * @param where it is, in plain words
     * @param page 1 first; absent where the file does not say where its pages end
     * @param place what it is in, in the file's own words
     * @param shape number of the shape on its page
     * @param paragraph in it, 0 first
     * @param frame about where on the page it is, in shares of it; its places tell exactly
     * @param text what is written there
     * @param pages on how many it is seen
     * @param hex the colour that is off
     * @param ground what it really stands on
     * @param ratio of the two, unrounded
     * @param measure of near-brand and outside ΔE00, of too-many and highlight a number, of size points, of a logo how much
     *     too wide it is
     * @param needed what ratio or measure should be
     * @param other a second colour that takes part
     * @param word a family, a slot or a series
     * @param safe whether mending changes nothing that anybody sees
     * @param perhaps whether it needs judgement
     * @param mendings ways to mend it, the best first
     * @param left whether it was left on purpose, and why
     */
    record FaultResponse(
            String id,
            String kind,
            String title,
            String reason,
            String where,
            @Nullable Integer page,
            String place,
            @Nullable Integer shape,
            @Nullable Integer paragraph,
            @Nullable FrameResponse frame,
            String text,
            int pages,
            @Nullable String hex,
            @Nullable String ground,
            @Nullable Double ratio,
            @Nullable Double measure,
            @Nullable Double needed,
            @Nullable String other,
            @Nullable String word,
            boolean safe,
            boolean perhaps,
            List<MendingResponse> mendings,
            @Nullable LeftResponse left) {
        static FaultResponse of(Judged judged, FaultWords words) {
            Fault fault = judged.fault();
            Place place = fault.place();
            return new FaultResponse(
                    fault.id(),
                    WireNames.of(fault.kind()),
                    FaultWords.kind(fault.kind()),
                    words.reason(fault),
                    FaultWords.place(fault),
                    place.page().isPresent() ? place.page().getAsInt() : null,
                    place.thing(),
                    place.shape().isPresent() ? place.shape().getAsInt() : null,
                    place.paragraph().isPresent() ? place.paragraph().getAsInt() : null,
                    place.frame().map(FrameResponse::of).orElse(null),
                    fault.text(),
                    fault.pages(),
                    fault.color().map(Rgb::hex).orElse(null),
                    fault.ground().map(Rgb::hex).orElse(null),
                    fault.ratio().map(ContrastRatio::value).orElse(null),
                    number(fault.measure()),
                    number(fault.needed()),
                    fault.other().map(Rgb::hex).orElse(null),
                    fault.word().orElse(null),
                    fault.safe(),
                    fault.perhaps(),
                    fault.mendings().stream()
                            .map(mending -> MendingResponse.of(mending, words))
                            .toList(),
                    judged.left()
                            .map(left -> new LeftResponse(left.because(), left.leftAt()))
                            .orElse(null));
        }

        private static @Nullable Double number(OptionalDouble number) {
            return number.isPresent() ? number.getAsDouble() : null;
        }
    }

    /** Shares of the page, from its upper left corner. */
    record FrameResponse(double x, double y, double width, double height) {
        static FrameResponse of(Frame frame) {
            return new FrameResponse(frame.x(), frame.y(), frame.width(), frame.height());
        }
    }

    /**
     * @param kind through-slot, nearest-brand, slot-that-is-meant, until-read, font-of-brand, size-of-brand, large-enough,
     *     chart-in-order, show-graphics, in-proportion or logo-for-ground
     * @param title what is done
     * @param outcome what comes of it
     * @param hex what is seen then
     * @param slot by which it follows the theme
     * @param ratio to what it stands on, unrounded
     * @param word a family, a size or a version
     */
    record MendingResponse(
            String kind,
            String title,
            String outcome,
            @Nullable String hex,
            @Nullable String slot,
            @Nullable Double ratio,
            @Nullable String word) {
        static MendingResponse of(Mending mending, FaultWords words) {
            return new MendingResponse(
                    WireNames.of(mending.kind()),
                    FaultWords.mending(mending),
                    words.outcome(mending),
                    mending.color().map(Rgb::hex).orElse(null),
                    mending.slot().map(slot -> slot.slot().code()).orElse(null),
                    mending.ratio().map(ContrastRatio::value).orElse(null),
                    mending.word().filter(word -> !word.isEmpty()).orElse(null));
        }
    }

    record LeftResponse(String because, Instant at) {}
}
