package app.zumbido.server.answer;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.Remark;
import app.zumbido.core.palette.Remarks;
import app.zumbido.core.palette.Swatch;
import app.zumbido.formats.press.CoatedPress;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Something that is perhaps not as it should be, with what its remedy needs.
 *
 * @param key what it is put aside by
 * @param aside whether somebody has put it aside
 * @param swatches those that it speaks of; of two that are nearly the same first the one that stays; of too many the last
 * @param count how many there are, where it is a matter of number
 * @param difference ΔE00, where it is a matter of difference
 * @param hex the colour that the remedy sets, where it sets one
 */
public record RemarkResponse(
        String key,
        Kind kind,
        boolean aside,
        List<UUID> swatches,
        @Nullable Integer count,
        @Nullable Double difference,
        @Nullable String hex) {
    /** What it is about. */
    public enum Kind {
        NEARLY_THE_SAME,
        TOO_MANY,
        TOO_FEW,
        NO_NEUTRAL,
        NEEDS_OUTLINE,
        BEYOND_PRESS,
        BLACK_ALONE
    }

    public static List<RemarkResponse> of(Palette palette) {
        return Remarks.of(palette, CoatedPress.instance()).stream()
                .map(remark -> of(remark, palette.asides().contains(remark.key())))
                .toList();
    }

    private static RemarkResponse of(Remark remark, boolean aside) {
        if (remark instanceof Remark.NearlyTheSame alike) {
            List<Swatch> both = List.of(alike.kept(), alike.other());
            return of(remark, Kind.NEARLY_THE_SAME, aside, both, null, alike.difference(), null);
        }
        if (remark instanceof Remark.TooMany many) {
            return of(remark, Kind.TOO_MANY, aside, many.surplus(), many.count(), null, null);
        }
        if (remark instanceof Remark.TooFew few) {
            return of(remark, Kind.TOO_FEW, aside, List.of(), few.count(), null, null);
        }
        if (remark instanceof Remark.NeedsOutline pale) {
            return of(remark, Kind.NEEDS_OUTLINE, aside, List.of(pale.swatch()), null, null, null);
        }
        if (remark instanceof Remark.BeyondPress beyond) {
            Rgb printed = beyond.print().printed();
            double difference = beyond.print().difference();
            return of(remark, Kind.BEYOND_PRESS, aside, List.of(beyond.swatch()), null, difference, printed.hex());
        }
        if (remark instanceof Remark.BlackAlone black) {
            return of(remark, Kind.BLACK_ALONE, aside, List.of(black.swatch()), null, null, null);
        }
        return of(remark, Kind.NO_NEUTRAL, aside, List.of(), null, null, null);
    }

    private static RemarkResponse of(
            Remark remark,
            Kind kind,
            boolean aside,
            List<Swatch> swatches,
            @Nullable Integer count,
            @Nullable Double difference,
            @Nullable String hex) {
        List<UUID> ids = swatches.stream().map(swatch -> swatch.id().value()).toList();
        return new RemarkResponse(remark.key(), kind, aside, ids, count, difference, hex);
    }
}
