package app.zumbido.server.type;

import app.zumbido.core.brand.TypeChange;
import app.zumbido.core.roles.Role;
import app.zumbido.core.type.Capitals;
import app.zumbido.core.type.FaceKind;
import app.zumbido.core.type.FontFamily;
import app.zumbido.core.type.FontPair;
import app.zumbido.core.type.FontSet;
import app.zumbido.core.type.Language;
import app.zumbido.core.type.Lettering;
import app.zumbido.core.type.PairProposal;
import app.zumbido.core.type.Place;
import app.zumbido.core.type.Sizes;
import app.zumbido.core.type.TypeRole;
import app.zumbido.core.type.TypeScale;
import app.zumbido.server.answer.BrandResponse;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.http.PlainName;
import app.zumbido.server.trail.BrandKeeper;
import app.zumbido.server.type.TypeStationResponse.StandInResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** How a brand is set. */
@RestController
@RequestMapping("/api/brands/{id}/type")
class TypeController {
    private final BrandKeeper keeper;
    private final TypeService service;

    TypeController(BrandKeeper keeper, TypeService service) {
        this.keeper = keeper;
        this.service = service;
    }

    @GetMapping
    TypeStationResponse type(@PathVariable UUID id) {
        return service.station(id);
    }

    /** Sets a role; what is not said stays. */
    @PutMapping("/{role}")
    ResponseEntity<BrandResponse> set(
            @PathVariable UUID id,
            @PathVariable TypeRole role,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody LetteringRequest request) {
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> change(id, role, brand.type(), request)));
    }

    /** The same, only looked at: nothing is kept. */
    @PostMapping("/{role}/preview")
    ResponseEntity<BrandResponse> preview(
            @PathVariable UUID id, @PathVariable TypeRole role, @Valid @RequestBody LetteringRequest request) {
        return BrandResponse.answer(keeper.preview(id, brand -> change(id, role, brand.type(), request)));
    }

    private TypeChange change(UUID id, TypeRole role, FontSet type, LetteringRequest request) {
        return new TypeChange.SetLettering(role, request.lettering(type.get(role), name -> service.family(id, name)));
    }

    /** The logo is set in the heading's face again. */
    @DeleteMapping("/logo")
    ResponseEntity<BrandResponse> dropLogoFace(@PathVariable UUID id, @RequestHeader("If-Match") IfMatch ifMatch) {
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> {
            if (brand.type().logo().isEmpty()) {
                throw new TypeException("The logo has no face of its own");
            }
            return new TypeChange.DropLogoFace();
        }));
    }

    /** What may be seen instead of a role's face, the best first. */
    @GetMapping("/{role}/stand-ins")
    List<StandInResponse> standIns(@PathVariable UUID id, @PathVariable TypeRole role, @RequestParam Place place) {
        return service.standIns(id, role, place);
    }

    /** Headings and bodies that go together, the best first. */
    @GetMapping("/pairs")
    List<FacePairResponse> pairs(@PathVariable UUID id) {
        keeper.require(id);
        return service.pairs().stream().map(FacePairResponse::of).toList();
    }

    @PostMapping("/pair")
    ResponseEntity<BrandResponse> takePair(
            @PathVariable UUID id,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody PairOfFacesRequest request) {
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> pair(id, request)));
    }

    /** The same, only looked at: nothing is kept. */
    @PostMapping("/pair/preview")
    ResponseEntity<BrandResponse> previewPair(@PathVariable UUID id, @Valid @RequestBody PairOfFacesRequest request) {
        return BrandResponse.answer(keeper.preview(id, brand -> pair(id, request)));
    }

    private TypeChange pair(UUID id, PairOfFacesRequest request) {
        return new TypeChange.TakePair(new FontPair(
                service.family(id, request.heading().strip()),
                service.family(id, request.body().strip())));
    }

    /** Sets all sizes on a scale over those of the body. */
    @PostMapping("/scale")
    ResponseEntity<BrandResponse> scale(
            @PathVariable UUID id,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody ScaleRequest request) {
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> new TypeChange.ScaleSizes(request.scale())));
    }

    /** Says which languages the brand writes in, the one that lines are measured in first. */
    @PutMapping("/languages")
    ResponseEntity<BrandResponse> setLanguages(
            @PathVariable UUID id,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody LanguagesRequest request) {
        List<Language> languages =
                request.languages().stream().map(TypeController::language).toList();
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> new TypeChange.SetLanguages(languages)));
    }

    private static Language language(String code) {
        return Language.ofCode(code)
                .orElseThrow(() -> new TypeException("The letters of the language " + code + " are not known here"));
    }

    /**
     * How a role is set; what is absent stays.
     *
     * @param color the usage role whose color it has; {@code text}: that of text
     * @param standIns by place what is seen instead; an empty name: what is most alike
     */
    record LetteringRequest(
            @Nullable @PlainName(max = FontFamily.LONGEST_NAME)
            String family,

            @Nullable @Min(1) @Max(Lettering.HEAVIEST) Integer weight,
            @Nullable Boolean italic,
            @Nullable Capitals capitals,

            @Nullable @Min(Lettering.LEAST_TRACKING) @Max(Lettering.MOST_TRACKING)
            Integer tracking,

            @Nullable Role color,
            @Nullable @Valid SizesRequest sizes,
            @Nullable @Size(max = 4) List<@NotNull @Valid StandInRequest> standIns) {
        Lettering lettering(Lettering before, java.util.function.Function<String, FontFamily> families) {
            Lettering in = family == null ? before : before.in(families.apply(family.strip()));
            return new Lettering(
                    in.family(),
                    in.kind(),
                    Objects.requireNonNullElse(weight, in.weight()),
                    Objects.requireNonNullElse(italic, in.italic()),
                    Objects.requireNonNullElse(capitals, in.capitals()),
                    Objects.requireNonNullElse(tracking, in.tracking()),
                    color == null ? in.color() : Optional.of(color).filter(role -> role != Role.TEXT),
                    sizes == null ? in.sizes() : sizes.sizes(),
                    standIns == null ? in.standIns() : standIns(in.standIns()));
        }

        private Map<Place, String> standIns(Map<Place, String> before) {
            Map<Place, String> chosen = new EnumMap<>(Place.class);
            chosen.putAll(before);
            Objects.requireNonNull(standIns).forEach(one -> {
                if (one.family().isBlank()) {
                    chosen.remove(one.place());
                } else {
                    chosen.put(one.place(), one.family().strip());
                }
            });
            return chosen;
        }
    }

    /** @param slides in points @param letters in points @param site in CSS pixels */
    record SizesRequest(
            @NotNull @Min((long) Sizes.LEAST) @Max((long) Sizes.MOST)
            Double slides,

            @NotNull @Min((long) Sizes.LEAST) @Max((long) Sizes.MOST)
            Double letters,

            @NotNull @Min((long) Sizes.LEAST) @Max((long) Sizes.MOST)
            Double site) {
        Sizes sizes() {
            return new Sizes(slides, letters, site);
        }
    }

    record StandInRequest(
            @NotNull Place place,

            @NotNull @PlainName(max = FontFamily.LONGEST_NAME, blank = true)
            String family) {}

    record PairOfFacesRequest(
            @NotNull @PlainName(max = FontFamily.LONGEST_NAME)
            String heading,

            @NotNull @PlainName(max = FontFamily.LONGEST_NAME)
            String body) {}

    record ScaleRequest(@NotNull TypeScale scale) {}

    record LanguagesRequest(@NotEmpty @Size(max = 16) List<@NotNull String> languages) {}

    /** @param xHeightApart how far their x-heights lie apart, as a fraction */
    record FacePairResponse(String heading, FaceKind headingKind, String body, FaceKind bodyKind, double xHeightApart) {
        static FacePairResponse of(PairProposal pair) {
            return new FacePairResponse(
                    pair.heading().name(),
                    pair.heading().kind(),
                    pair.body().name(),
                    pair.body().kind(),
                    pair.xHeightApart());
        }
    }
}
