package app.zumbido.server.contrast;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Look;
import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.Gradient;
import app.zumbido.core.contrast.Overlay;
import app.zumbido.core.contrast.Recipe;
import app.zumbido.core.contrast.TextColors;
import app.zumbido.core.contrast.WorstPlace;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.roles.Role;
import app.zumbido.server.http.Given;
import app.zumbido.server.trail.BrandKeeper;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Text on grounds that change: gradients, and what is laid over them. */
@RestController
class OverlayController {
    private final BrandKeeper keeper;

    OverlayController(BrandKeeper keeper) {
        this.keeper = keeper;
    }

    /** Judges a text where it is hardest to read. */
    @PostMapping("/api/contrast/gradient")
    WorstResponse judge(@Valid @RequestBody GradientRequest request) {
        return WorstResponse.of(WorstPlace.on(request.gradient(), request.laid(), Given.color(request.text())));
    }

    /** Grounds that people use again and again, made from the main color; none in an empty palette. */
    @GetMapping("/api/brands/{id}/contrast/recipes")
    List<RecipeResponse> recipes(@PathVariable UUID id, @RequestParam(required = false) @Nullable UUID theme) {
        Look look = keeper.look(id, theme);
        Rgb dark = TextColors.of(look.palette(), look.roles(), look.theme()).stream()
                .min(Comparator.comparingDouble(ContrastRatio::relativeLuminance))
                .orElse(Rgb.BLACK);
        return main(look.brand()).map(swatch -> Recipe.of(swatch, dark)).orElse(List.of()).stream()
                .map(RecipeResponse::of)
                .toList();
    }

    /** What a gradient can be made of: every usable swatch, each followed by the steps of its ladder. */
    @GetMapping("/api/brands/{id}/contrast/stops")
    List<StopResponse> stops(@PathVariable UUID id) {
        List<StopResponse> stops = new ArrayList<>();
        for (Swatch swatch : keeper.load(id).brand().usable().swatches()) {
            stops.add(new StopResponse(swatch.name(), swatch.color().hex(), 0));
            for (double away : Paint.STEPS) {
                Rgb step = new Paint.OnLadder(swatch.id(), away).colorFrom(swatch.color());
                stops.add(new StopResponse(swatch.name(), step.hex(), away));
            }
        }
        return stops;
    }

    /**
     * @param name of the swatch
     * @param away its share of the way to the light end, below 0 to the dark one; 0 for the swatch itself
     */
    record StopResponse(String name, String hex, double away) {}

    private static Optional<Swatch> main(Brand brand) {
        return brand.roles()
                .first(Role.MAIN)
                .flatMap(brand.palette()::find)
                .or(() -> brand.usable().swatches().stream().findFirst());
    }

    /** @param stops two or three colors in any notation */
    record GradientRequest(
            @NotNull @Size(min = Gradient.FEWEST, max = Gradient.MOST)
            List<@NotNull @Size(max = 60) String> stops,

            @Nullable @Valid OverlayRequest overlay,
            @NotNull @Size(max = 60) String text) {
        Gradient gradient() {
            return new Gradient(stops.stream().map(Given::color).toList());
        }

        Optional<Overlay> laid() {
            return Optional.ofNullable(overlay).map(OverlayRequest::overlay);
        }
    }

    record RecipeResponse(
            Recipe.Kind kind,
            List<String> stops,
            ComposedGroundResponse.@Nullable OverlayResponse overlay,
            String text,
            WorstResponse worst) {
        static RecipeResponse of(Recipe recipe) {
            return new RecipeResponse(
                    recipe.kind(),
                    recipe.gradient().stops().stream().map(Rgb::hex).toList(),
                    recipe.overlay()
                            .map(ComposedGroundResponse.OverlayResponse::of)
                            .orElse(null),
                    recipe.text().hex(),
                    WorstResponse.of(WorstPlace.on(recipe.gradient(), recipe.overlay(), recipe.text())));
        }
    }
}
