package app.zumbido.server.contrast;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Change;
import app.zumbido.core.brand.GroundChange;
import app.zumbido.core.color.Fraction;
import app.zumbido.core.contrast.ComposedGround;
import app.zumbido.core.contrast.Gradient;
import app.zumbido.core.contrast.GroundRules;
import app.zumbido.core.contrast.PairRule;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Palette;
import app.zumbido.server.answer.BrandResponse;
import app.zumbido.server.http.Given;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.http.PlainName;
import app.zumbido.server.storage.Ids;
import app.zumbido.server.trail.BrandKeeper;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What a person decides about pairs and grounds, whatever the numbers say. */
@RestController
@RequestMapping("/api/brands/{id}/contrast")
class RulesController {
    private final BrandKeeper keeper;
    private final Ids ids;
    private final PicturesOnTheSheet pictures;

    RulesController(BrandKeeper keeper, Ids ids, PicturesOnTheSheet pictures) {
        this.keeper = keeper;
        this.ids = ids;
        this.pictures = pictures;
    }

    /** Decides about a pair. What the palette has as a swatch or a step of its ladder, the rule follows. */
    @PutMapping("/rules")
    ResponseEntity<BrandResponse> rule(
            @PathVariable UUID id,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody RuleRequest request) {
        return BrandResponse.answer(keeper.change(id, ifMatch, request::change));
    }

    /**
     * Takes back what was decided about a pair.
     *
     * @param text a color in any notation
     * @param ground a color in any notation
     */
    @DeleteMapping("/rules")
    ResponseEntity<BrandResponse> free(
            @PathVariable UUID id,
            @RequestParam @Size(max = 60) String text,
            @RequestParam @Size(max = 60) String ground,
            @RequestHeader("If-Match") IfMatch ifMatch) {
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> {
            PairRule rule = brand.grounds()
                    .find(Given.color(text), Given.color(ground), brand.palette())
                    .orElseThrow(() -> new RuleException("Nothing is decided about this pair"));
            return new GroundChange.FreePair(rule.text(), rule.ground());
        }));
    }

    /** Makes a gradient or a picture with what is laid over it part of the brand. */
    @PostMapping("/grounds")
    ResponseEntity<BrandResponse> keep(
            @PathVariable UUID id, @RequestHeader("If-Match") IfMatch ifMatch, @Valid @RequestBody GroundBody request) {
        check(id, request);
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> {
            if (brand.grounds().composed().size() == GroundRules.MOST_COMPOSED) {
                throw new RuleException("A brand keeps " + GroundRules.MOST_COMPOSED + " such grounds at most");
            }
            return request.change(ids.next(), brand);
        }));
    }

    @PutMapping("/grounds/{gid}")
    ResponseEntity<BrandResponse> change(
            @PathVariable UUID id,
            @PathVariable UUID gid,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody GroundBody request) {
        check(id, request);
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> request.change(known(gid, brand), brand)));
    }

    @DeleteMapping("/grounds/{gid}")
    ResponseEntity<BrandResponse> drop(
            @PathVariable UUID id, @PathVariable UUID gid, @RequestHeader("If-Match") IfMatch ifMatch) {
        return BrandResponse.answer(
                keeper.change(id, ifMatch, brand -> new GroundChange.DropGround(known(gid, brand))));
    }

    private void check(UUID id, GroundBody request) {
        if (request.source() != null) {
            pictures.require(id, request.source());
        }
    }

    private static UUID known(UUID ground, Brand brand) {
        return brand.grounds()
                .find(ground)
                .orElseThrow(() -> new UnknownGroundException(ground))
                .id();
    }

    /** @param reason in the brand's own words */
    record RuleRequest(
            @NotNull PairRule.Kind kind,
            @NotNull @Size(max = 60) String text,
            @NotNull @Size(max = 60) String ground,

            @NotNull @PlainName(max = PairRule.LONGEST_REASON)
            String reason) {
        Change change(Brand brand) {
            Palette palette = brand.palette();
            PairRule rule = new PairRule(
                    kind, Paint.of(Given.color(text), palette), Paint.of(Given.color(ground), palette), reason.strip());
            if (!brand.grounds().takes(rule)) {
                throw new RuleException("A brand has " + GroundRules.MOST_PAIRS + " rules on pairs at most");
            }
            return new GroundChange.RulePair(rule);
        }
    }

    /**
     * @param stops two or three colors in any notation; nothing over a picture
     * @param angle degrees clockwise from upwards
     * @param source id of the picture beneath; absent for a gradient
     */
    record GroundBody(
            @NotNull @PlainName(max = ComposedGround.LONGEST_NAME)
            String name,

            @NotNull @Size(max = Gradient.MOST) List<@NotNull @Size(max = 60) String> stops,
            boolean radial,
            @Min(0) @Max(359) int angle,
            @Nullable UUID source,
            @Nullable @Valid OverlayRequest overlay,
            @NotNull @Size(max = 60) String text) {
        Change change(UUID ground, Brand brand) {
            Palette palette = brand.palette();
            return new GroundChange.KeepGround(new ComposedGround(
                    ground,
                    name.strip(),
                    base(palette),
                    Optional.ofNullable(overlay)
                            .map(laid -> new ComposedGround.Laid(
                                    Paint.of(Given.color(laid.hex()), palette), Fraction.of(laid.alpha()))),
                    Paint.of(Given.color(text), palette)));
        }

        private ComposedGround.Base base(Palette palette) {
            if (source != null) {
                return new ComposedGround.Base.OfPicture(source);
            }
            if (stops.size() < Gradient.FEWEST) {
                throw new RuleException("A gradient has two or three stops");
            }
            return new ComposedGround.Base.OfGradient(
                    stops.stream()
                            .map(stop -> Paint.of(Given.color(stop), palette))
                            .toList(),
                    radial,
                    angle);
        }
    }
}
