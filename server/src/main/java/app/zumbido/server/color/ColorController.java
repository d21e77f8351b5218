package app.zumbido.server.color;

import app.zumbido.core.color.Compositing;
import app.zumbido.core.color.FoundCode;
import app.zumbido.core.color.Fraction;
import app.zumbido.core.color.Mix;
import app.zumbido.core.color.Oklch;
import app.zumbido.core.color.PressProfile;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.contrast.Pair;
import app.zumbido.core.palette.Ladder;
import app.zumbido.formats.press.CoatedPress;
import app.zumbido.formats.text.CodeText;
import app.zumbido.server.contrast.OverlayRequest;
import app.zumbido.server.http.Given;
import app.zumbido.server.http.WireNames;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class ColorController {
    private final PressProfile press = CoatedPress.instance();

    /** @param code hex digits, as a path cannot carry {@code #}; {@code rgb()} is taken too */
    @GetMapping("/color/{code}")
    ColorResponse color(@PathVariable String code) {
        return ColorResponse.of(Given.color(code), press);
    }

    /** The tints and shades of a colour, the lightest first. */
    @GetMapping("/color/{code}/ladder")
    LadderResponse ladder(
            @PathVariable String code,
            @RequestParam(defaultValue = "9") @Min(Ladder.FEWEST) @Max(Ladder.MOST) int steps) {
        return LadderResponse.of(Ladder.of(Given.color(code), steps));
    }

    /**
     * What goes with a color.
     *
     * @param turn degrees that the color itself is turned by first, so that base and partners slide together
     */
    /** Its codes exactly as they are copied, and what the press makes of it. */
    @GetMapping("/color/{code}/codes")
    ShownCodesResponse shown(@PathVariable String code) {
        return ShownCodesResponse.of(Given.color(code));
    }

    @GetMapping("/color/{code}/harmonies")
    HarmoniesResponse harmonies(
            @PathVariable String code,
            @RequestParam(defaultValue = "0") @DecimalMin("-360") @DecimalMax("360") double turn) {
        return HarmoniesResponse.of(
                Oklch.of(new Mix(0, 0, turn).apply(Given.color(code)).color()));
    }

    /** Every code in a text, in the order of the text; several notations of one color side by side are one. */
    @PostMapping("/codes")
    FoundCodesResponse codes(@Valid @RequestBody CodesRequest request) {
        return new FoundCodesResponse(CodeText.read(request.text()).stream()
                .map(FoundCodeResponse::of)
                .toList());
    }

    @PostMapping("/contrast")
    ContrastResponse contrast(@Valid @RequestBody ContrastRequest request) {
        Pair pair = Pair.of(Given.color(request.foreground()), request.ground(), WcagLevel.AA);
        return new ContrastResponse(pair.ratio().value(), pair.text(), pair.largeText(), pair.graphics());
    }

    /** @param base which step is the color itself, 0 first */
    record LadderResponse(int base, List<LadderStepResponse> steps) {
        static LadderResponse of(Ladder ladder) {
            return new LadderResponse(
                    ladder.base(),
                    IntStream.range(0, ladder.steps().size())
                            .mapToObj(step -> LadderStepResponse.of(ladder, step))
                            .toList());
        }
    }

    /**
     * @param ink hex of what is written on it
     * @param away how far from the base: to the light end 1, to the dark one -1; 0 for the base
     */
    record LadderStepResponse(String hex, String ink, double away) {
        static LadderStepResponse of(Ladder ladder, int step) {
            Rgb color = ladder.steps().get(step);
            return new LadderStepResponse(color.hex(), color.ink().hex(), ladder.away(step));
        }
    }

    /** @param text at most 200,000 characters */
    record CodesRequest(@NotNull @Size(max = 200_000) String text) {}

    record FoundCodesResponse(List<FoundCodeResponse> codes) {}

    /**
     * @param notation hex, rgb, hsl, lab, lch, oklab, oklch, cmyk or name
     * @param text the code as it stands there
     * @param offset of its first character, 0 first; UTF-16 units
     * @param name what stands beside it
     * @param ambiguous whether it may be no colour at all
     * @param inside whether a screen can show it; if not, hex is the nearest that it can
     */
    record FoundCodeResponse(
            String hex,
            String ink,
            String notation,
            String text,
            int offset,
            @Nullable String name,
            boolean ambiguous,
            boolean inside) {
        static FoundCodeResponse of(FoundCode code) {
            return new FoundCodeResponse(
                    code.color().hex(),
                    code.color().ink().hex(),
                    WireNames.of(code.notation()),
                    code.text(),
                    code.offset(),
                    code.name().orElse(null),
                    code.ambiguous(),
                    code.shown().inside());
        }
    }

    /** @param overlay laid over the background before the foreground is judged on it */
    record ContrastRequest(
            @NotNull @Size(max = 60) String foreground,
            @NotNull @Size(max = 60) String background,
            @Nullable @Valid OverlayRequest overlay) {
        Rgb ground() {
            Rgb ground = Given.color(background);
            return overlay == null
                    ? ground
                    : Compositing.over(Given.color(overlay.hex()), Fraction.of(overlay.alpha()), ground);
        }
    }

    /**
     * Verdicts at level AA.
     *
     * @param ratio unrounded, 1 to 21
     * @param largeText from 18 pt, or 14 pt bold
     */
    record ContrastResponse(double ratio, boolean text, boolean largeText, boolean graphics) {}
}
