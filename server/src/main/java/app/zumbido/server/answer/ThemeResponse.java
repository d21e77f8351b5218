package app.zumbido.server.answer;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Look;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.contrast.Ground;
import app.zumbido.core.contrast.Pair;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.theme.PageGround;
import app.zumbido.core.theme.SlotReason;
import app.zumbido.core.theme.SlotSetting;
import app.zumbido.core.theme.SuggestionPolicy;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.theme.ThemeWarning;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A theme as the page shows it.
 *
 * @param ground what its pages stand on
 * @param policy what every suggestion for it heeds
 * @param warnings what will be regretted in documents, and notes
 * @param specimen what the specimens are painted from
 * @param toLookAt how many texts in use cannot be read at level AA or must not be used, and are not left on purpose
 */
public record ThemeResponse(
        UUID id,
        String name,
        PageGround ground,
        PolicyResponse policy,
        List<SlotResponse> slots,
        List<WarningResponse> warnings,
        SpecimenResponse specimen,
        int toLookAt) {
    public static List<ThemeResponse> allOf(Brand brand) {
        return brand.looks().stream().map(ThemeResponse::of).toList();
    }

    private static ThemeResponse of(Look look) {
        Brand brand = look.brand();
        Theme theme = look.theme();
        Map<ThemeSlot, Rgb> colors = look.colors();
        List<SlotResponse> slots = new ArrayList<>();
        theme.slots().forEach((slot, setting) -> slots.add(SlotResponse.of(slot, setting, colors)));
        return new ThemeResponse(
                theme.id(),
                theme.name(),
                theme.ground(),
                PolicyResponse.of(theme.policy()),
                slots,
                ThemeWarning.of(theme, brand.palette(), brand.usualThemeName()).stream()
                        .map(WarningResponse::of)
                        .toList(),
                SpecimenResponse.of(look),
                Ground.toLookAt(brand.palette(), brand.roles(), theme, brand.grounds(), WcagLevel.AA));
    }

    /** What is warned of. */
    public enum WarningKind {
        NOT_ALTERNATING,
        TEXT_UNREADABLE,
        LINK_UNREADABLE,
        VISITED_ALIKE,
        ACCENTS_ALIKE,
        ACCENT_REPEATED,
        NEON_TINTS,
        DEFAULT_NAME
    }

    /**
     * @param slot the slot concerned, if it is one
     * @param other the slot that it is judged against, if it is
     * @param value contrast ratio or ΔE00, as the kind says
     * @param note whether it is only worth a note
     * @param instead a colour that would mend it
     */
    public record WarningResponse(
            WarningKind kind,
            @Nullable String slot,
            @Nullable String other,
            @Nullable Double value,
            boolean note,
            @Nullable String instead) {
        static WarningResponse of(ThemeWarning warning) {
            if (warning instanceof ThemeWarning.NotAlternating found) {
                return about(WarningKind.NOT_ALTERNATING, found.dark(), found.light(), null);
            }
            if (warning instanceof ThemeWarning.TextUnreadable found) {
                return about(
                        WarningKind.TEXT_UNREADABLE,
                        found.text(),
                        found.ground(),
                        found.ratio().value());
            }
            if (warning instanceof ThemeWarning.LinkUnreadable found) {
                return about(
                        WarningKind.LINK_UNREADABLE,
                        found.link(),
                        found.ground(),
                        found.ratio().value());
            }
            if (warning instanceof ThemeWarning.VisitedAlike found) {
                return about(
                        WarningKind.VISITED_ALIKE,
                        ThemeSlot.FOLLOWED_HYPERLINK,
                        ThemeSlot.HYPERLINK,
                        found.difference());
            }
            if (warning instanceof ThemeWarning.AccentsAlike found) {
                return about(WarningKind.ACCENTS_ALIKE, found.later(), found.earlier(), found.difference());
            }
            if (warning instanceof ThemeWarning.AccentRepeated found) {
                return new WarningResponse(
                        WarningKind.ACCENT_REPEATED,
                        found.later().code(),
                        found.earlier().code(),
                        null,
                        true,
                        null);
            }
            if (warning instanceof ThemeWarning.NeonTints found) {
                return new WarningResponse(
                        WarningKind.NEON_TINTS,
                        found.slot().code(),
                        null,
                        null,
                        true,
                        found.calmer().map(Rgb::hex).orElse(null));
            }
            return new WarningResponse(WarningKind.DEFAULT_NAME, null, null, null, false, null);
        }

        private static WarningResponse about(
                WarningKind kind, ThemeSlot slot, ThemeSlot other, @Nullable Double value) {
            return new WarningResponse(kind, slot.code(), other.code(), value, false, null);
        }
    }

    /** @param keep codes of the slots that stay as they are */
    public record PolicyResponse(
            SuggestionPolicy.Spare spare,
            SuggestionPolicy.LinkColors links,
            SuggestionPolicy.Highlight highlight,
            List<String> keep) {
        static PolicyResponse of(SuggestionPolicy policy) {
            return new PolicyResponse(
                    policy.spare(),
                    policy.links(),
                    policy.highlight(),
                    policy.kept().stream().sorted().map(ThemeSlot::code).toList());
        }
    }

    /** How a slot is filled. */
    public enum FillKind {
        SWATCH,
        STEP,
        DERIVED,
        FIXED,
        EMPTY;

        static FillKind of(Paint paint) {
            return paint.match(p -> SWATCH, p -> STEP, p -> DERIVED, p -> FIXED);
        }
    }

    /**
     * @param swatchId the swatch that the slot follows
     * @param lightness what is added to the swatch's OKLCH lightness, -1 to 1
     * @param reason why the suggestion chose it; absent where a person did
     * @param tints the five steps that document programs derive, light to dark
     * @param on how the color reads on the grounds Light 1, Light 2, Dark 1, Dark 2 that are set
     */
    public record SlotResponse(
            String slot,
            FillKind fill,
            @Nullable String hex,
            @Nullable String ink,
            @Nullable UUID swatchId,
            @Nullable Double lightness,
            @Nullable SlotReason reason,
            List<TintResponse> tints,
            List<GroundResponse> on) {
        static SlotResponse of(ThemeSlot slot, SlotSetting setting, Map<ThemeSlot, Rgb> colors) {
            Rgb color = colors.get(slot);
            Optional<Paint> paint = setting.paint();
            return new SlotResponse(
                    slot.code(),
                    paint.map(FillKind::of).orElse(FillKind.EMPTY),
                    color == null ? null : color.hex(),
                    color == null ? null : color.ink().hex(),
                    paint.flatMap(Paint::follows).map(SwatchId::value).orElse(null),
                    paint.map(SlotResponse::lightness).orElse(null),
                    setting.reason().orElse(null),
                    color == null ? List.of() : TintResponse.allOf(color),
                    color == null ? List.of() : GroundResponse.allOf(slot, color, colors));
        }

        private static @Nullable Double lightness(Paint paint) {
            return paint instanceof Paint.Shifted shifted ? shifted.lightness() : null;
        }
    }

    /** How a color reads on a ground of the theme, at level AA. */
    public record GroundResponse(String ground, double ratio, boolean text, boolean largeText, boolean graphics) {
        static List<GroundResponse> allOf(ThemeSlot slot, Rgb color, Map<ThemeSlot, Rgb> colors) {
            return ThemeSlot.GROUNDS.stream()
                    .filter(ground -> ground != slot && colors.containsKey(ground))
                    .map(ground -> of(ground, Pair.of(color, colors.get(ground), WcagLevel.AA)))
                    .toList();
        }

        private static GroundResponse of(ThemeSlot ground, Pair pair) {
            return new GroundResponse(
                    ground.code(), pair.ratio().value(), pair.text(), pair.largeText(), pair.graphics());
        }
    }
}
