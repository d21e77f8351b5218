package app.zumbido.server.roles;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Change;
import app.zumbido.core.brand.RoleChange;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.core.roles.ChartColors;
import app.zumbido.core.roles.ChartSeries;
import app.zumbido.core.roles.Proportion;
import app.zumbido.core.roles.Role;
import app.zumbido.core.roles.RoleDraft;
import app.zumbido.core.roles.Roles;
import app.zumbido.server.answer.BrandResponse;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.http.PlainName;
import app.zumbido.server.trail.BrandKeeper;
import jakarta.validation.Valid;
import jakarta.validation.constraints.AssertTrue;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What each colour is for. */
@RestController
@RequestMapping("/api/brands/{id}/roles")
class RolesController {
    private final BrandKeeper keeper;

    RolesController(BrandKeeper keeper) {
        this.keeper = keeper;
    }

    /** Says which swatches have a role, in their order. */
    @PutMapping("/{role}")
    ResponseEntity<BrandResponse> assign(
            @PathVariable UUID id,
            @PathVariable Role role,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody AssignRequest request) {
        Change change = request.change(role);
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> change));
    }

    /** The same, only looked at: nothing is kept. */
    @PostMapping("/{role}/preview")
    ResponseEntity<BrandResponse> previewAssigning(
            @PathVariable UUID id, @PathVariable Role role, @Valid @RequestBody AssignRequest request) {
        Change change = request.change(role);
        return BrandResponse.answer(keeper.preview(id, brand -> change));
    }

    @PutMapping("/{role}/words")
    ResponseEntity<BrandResponse> word(
            @PathVariable UUID id,
            @PathVariable Role role,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody WordsRequest request) {
        Change change = new RoleChange.WordRole(role, request.words().strip());
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> change));
    }

    @PutMapping("/proportion")
    ResponseEntity<BrandResponse> setProportion(
            @PathVariable UUID id,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody ProportionRequest request) {
        Change change =
                new RoleChange.SetProportion(new Proportion(request.main(), request.secondary(), request.highlight()));
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> change));
    }

    /** First roles for the palette, each with its reason. */
    @GetMapping("/draft")
    RoleDraftResponse draft(@PathVariable UUID id) {
        return RoleDraftResponse.of(RoleDraft.of(keeper.load(id).brand().usable()));
    }

    /** Takes them; roles that nothing is fit for stay as they are. */
    @PostMapping("/draft")
    ResponseEntity<BrandResponse> takeDraft(@PathVariable UUID id, @RequestHeader("If-Match") IfMatch ifMatch) {
        return BrandResponse.answer(keeper.change(id, ifMatch, RoleChange.DraftRoles::of));
    }

    /** The same, only looked at: nothing is kept. */
    @PostMapping("/draft/preview")
    ResponseEntity<BrandResponse> previewDraft(@PathVariable UUID id) {
        return BrandResponse.answer(keeper.preview(id, RoleChange.DraftRoles::of));
    }

    /** How well the series are told apart. */
    @GetMapping("/chart")
    ChartResponse chart(@PathVariable UUID id, @RequestParam(defaultValue = "6") @Min(1) @Max(24) int series) {
        Brand brand = keeper.load(id).brand();
        List<Rgb> shown = ChartSeries.of(brand.roles(), brand.palette(), series);
        return ChartResponse.of(new ChartColors(shown));
    }

    /** Puts the series in the order in which they are told apart best; the first stays the first. */
    @PostMapping("/chart/order")
    ResponseEntity<BrandResponse> improveOrder(@PathVariable UUID id, @RequestHeader("If-Match") IfMatch ifMatch) {
        return BrandResponse.answer(keeper.change(id, ifMatch, RolesController::ordered));
    }

    /** The same, only looked at: nothing is kept. */
    @PostMapping("/chart/order/preview")
    ResponseEntity<BrandResponse> previewBetterOrder(@PathVariable UUID id) {
        return BrandResponse.answer(keeper.preview(id, RolesController::ordered));
    }

    private static Change ordered(Brand brand) {
        Roles roles = brand.roles();
        List<SwatchId> series = roles.of(Role.CHART);
        ChartColors colors = new ChartColors(
                series.stream().map(id -> brand.palette().get(id).color()).toList());
        return new RoleChange.OrderChart(
                colors.bestOrder().stream().map(series::get).toList());
    }

    /** @param swatches in their order; empty takes the role from everybody */
    record AssignRequest(@NotNull @Size(max = 100) List<@NotNull UUID> swatches) {
        Change change(Role role) {
            List<SwatchId> given =
                    swatches.stream().distinct().map(SwatchId::new).toList();
            if (given.size() > role.most()) {
                throw new RoleException("This role takes one swatch; the one before must go first");
            }
            return new RoleChange.AssignRole(role, given);
        }
    }

    /** @param words empty: the usual sentence again */
    record WordsRequest(
            @NotNull
            @PlainName(max = Roles.LONGEST_SENTENCE, blank = true, message = "may have {max} characters in one line")
            String words) {}

    /** Percent of a page. */
    record ProportionRequest(
            @NotNull @Min(0) Integer main,
            @NotNull @Min(0) Integer secondary,
            @NotNull @Min(0) Integer highlight) {
        @AssertTrue(message = "must be 100 percent together")
        boolean isWhole() {
            return main == null || secondary == null || highlight == null || main + secondary + highlight == 100;
        }
    }
}
