package app.zumbido.server.delivery;

import app.zumbido.core.handover.OpenPoint;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.theme.ThemeSlot;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Something to look at before a brand goes out; what is of no meaning for a kind is absent.
 *
 * @param kind working-names, empty-slots, unreadable-text, no-stand-in, outside-color or close-to-another
 * @param swatches that it is about, with their names as they were
 * @param slots that it is about; of an unreadable text the text and then its ground
 * @param family that others may lack
 * @param hex a colour that is outside of the palette, or that of another brand
 * @param ratio of the text on its ground
 * @param brand name of the other brand
 * @param brandId id of the other brand
 * @param difference to it, ΔE00
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record OpenPointResponse(
        Kind kind,
        List<NamedSwatch> swatches,
        List<String> slots,
        @Nullable String family,
        @Nullable String hex,
        @Nullable Double ratio,
        @Nullable String brand,
        @Nullable UUID brandId,
        @Nullable Double difference) {
    /** What it is. */
    enum Kind {
        WORKING_NAMES,
        EMPTY_SLOTS,
        UNREADABLE_TEXT,
        NO_STAND_IN,
        OUTSIDE_COLOR,
        CLOSE_TO_ANOTHER
    }

    record NamedSwatch(UUID id, String name) {}

    static OpenPointResponse of(OpenPoint point, Palette palette) {
        if (point instanceof OpenPoint.WorkingNames names) {
            return new OpenPointResponse(
                    Kind.WORKING_NAMES,
                    named(names.swatches(), palette),
                    List.of(),
                    null,
                    null,
                    null,
                    null,
                    null,
                    null);
        }
        if (point instanceof OpenPoint.EmptySlots empty) {
            List<String> slots = empty.slots().stream().map(ThemeSlot::code).toList();
            return new OpenPointResponse(Kind.EMPTY_SLOTS, List.of(), slots, null, null, null, null, null, null);
        }
        if (point instanceof OpenPoint.UnreadableText text) {
            return new OpenPointResponse(
                    Kind.UNREADABLE_TEXT,
                    List.of(),
                    List.of(text.text().code(), text.ground().code()),
                    null,
                    null,
                    text.ratio().value(),
                    null,
                    null,
                    null);
        }
        if (point instanceof OpenPoint.NoStandIn missing) {
            return new OpenPointResponse(
                    Kind.NO_STAND_IN, List.of(), List.of(), missing.family(), null, null, null, null, null);
        }
        if (point instanceof OpenPoint.OutsideColor outside) {
            return new OpenPointResponse(
                    Kind.OUTSIDE_COLOR,
                    List.of(),
                    List.of(outside.slot().code()),
                    null,
                    outside.color().hex(),
                    null,
                    null,
                    null,
                    null);
        }
        OpenPoint.CloseToAnother close = (OpenPoint.CloseToAnother) point;
        return new OpenPointResponse(
                Kind.CLOSE_TO_ANOTHER,
                named(List.of(close.swatch()), palette),
                List.of(),
                null,
                close.other().hex(),
                null,
                close.brandName(),
                close.brand(),
                close.difference());
    }

    private static List<NamedSwatch> named(List<SwatchId> ids, Palette palette) {
        return ids.stream()
                .map(id -> new NamedSwatch(id.value(), palette.get(id).name()))
                .toList();
    }
}
