package app.zumbido.server.contrast;

import app.zumbido.core.brand.Look;
import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.contrast.Remedy;
import app.zumbido.core.contrast.TextColors;
import app.zumbido.core.palette.Swatch;
import app.zumbido.server.contrast.GroundsResponse.RemediesResponse;
import app.zumbido.server.contrast.GroundsResponse.RemedyResponse;
import app.zumbido.server.contrast.GroundsResponse.TextOnGroundResponse;
import app.zumbido.server.http.Given;
import app.zumbido.server.trail.BrandKeeper;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What may stand on which ground, and what helps where it may not. */
@RestController
@RequestMapping("/api/brands/{id}/contrast")
class GroundsController {
    private final BrandKeeper keeper;

    GroundsController(BrandKeeper keeper) {
        this.keeper = keeper;
    }

    /** @param from how many grounds to pass over; with very many colors an answer does not hold all of them */
    @GetMapping
    GroundsResponse grounds(
            @PathVariable UUID id,
            @RequestParam(required = false) @Nullable UUID theme,
            @RequestParam(defaultValue = "AA") WcagLevel level,
            @RequestParam(defaultValue = "0") @Min(0) int from) {
        return GroundsResponse.of(keeper.look(id, theme), level, from);
    }

    /**
     * Ways to make a pair readable, each with its cost.
     *
     * @param foreground a color in any notation
     * @param ground a color in any notation
     */
    @GetMapping("/remedies")
    RemediesResponse remedies(
            @PathVariable UUID id,
            @RequestParam(required = false) @Nullable UUID theme,
            @RequestParam @Size(max = 60) String foreground,
            @RequestParam @Size(max = 60) String ground,
            @RequestParam(defaultValue = "AA") WcagLevel level) {
        Look look = keeper.look(id, theme);
        Rgb on = Given.color(foreground);
        Rgb under = Given.color(ground);
        List<Rgb> colors = look.roles().usable(look.palette()).swatches().stream()
                .map(Swatch::color)
                .toList();
        List<Rgb> texts = TextColors.of(look.palette(), look.roles(), look.theme());
        ColorNames names = new ColorNames(look);
        return new RemediesResponse(
                ContrastRatio.between(on, under).value(),
                level.text(),
                Remedy.of(on, under, colors, texts, level.text()).stream()
                        .map(remedy -> RemedyResponse.of(remedy, names))
                        .toList());
    }

    /** The text color that the brand uses on any ground. */
    @GetMapping("/text")
    TextOnGroundResponse textOn(
            @PathVariable UUID id,
            @RequestParam(required = false) @Nullable UUID theme,
            @RequestParam @Size(max = 60) String ground) {
        Look look = keeper.look(id, theme);
        Rgb under = Given.color(ground);
        List<Rgb> texts = TextColors.of(look.palette(), look.roles(), look.theme());
        return TextOnGroundResponse.of(under, Remedy.best(texts, under).orElseThrow(), new ColorNames(look));
    }
}
