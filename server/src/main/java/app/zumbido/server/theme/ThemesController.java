package app.zumbido.server.theme;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Change;
import app.zumbido.core.brand.ThemesChange;
import app.zumbido.core.theme.Theme;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.theme.Themes;
import app.zumbido.core.theme.Turning;
import app.zumbido.server.answer.BrandResponse;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.http.PlainName;
import app.zumbido.server.storage.Ids;
import app.zumbido.server.trail.BrandKeeper;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
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

/** Which themes a brand has, and which of them is handed over first. */
@RestController
@RequestMapping("/api/brands/{id}/themes")
class ThemesController {
    private final BrandKeeper keeper;
    private final Ids ids;

    ThemesController(BrandKeeper keeper, Ids ids) {
        this.keeper = keeper;
        this.ids = ids;
    }

    /** One more theme: empty, or made from another. */
    @PostMapping
    ResponseEntity<BrandResponse> add(
            @PathVariable UUID id, @RequestHeader("If-Match") IfMatch ifMatch, @Valid @RequestBody NewTheme request) {
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> request.change(brand, ids.next())));
    }

    @DeleteMapping("/{tid}")
    ResponseEntity<BrandResponse> remove(
            @PathVariable UUID id, @PathVariable UUID tid, @RequestHeader("If-Match") IfMatch ifMatch) {
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> {
            if (brand.themes().all().size() == 1) {
                throw new ThemeException("A brand has one theme at least");
            }
            return new ThemesChange.RemoveTheme(tid);
        }));
    }

    /** Hands this theme over before the others. */
    @PutMapping("/{tid}/first")
    ResponseEntity<BrandResponse> lead(
            @PathVariable UUID id, @PathVariable UUID tid, @RequestHeader("If-Match") IfMatch ifMatch) {
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> new ThemesChange.LeadWithTheme(tid)));
    }

    /** How far each slot lies from the same slot of another theme. */
    @GetMapping("/{tid}/comparison")
    ComparisonResponse compare(@PathVariable UUID id, @PathVariable UUID tid, @RequestParam UUID with) {
        Brand brand = keeper.load(id).brand();
        Theme other = brand.themes().get(with);
        return ComparisonResponse.of(brand.themes().get(tid).differences(other, brand.palette()));
    }

    record ComparisonResponse(List<SlotDifferenceResponse> slots) {
        static ComparisonResponse of(Map<ThemeSlot, Double> differences) {
            List<SlotDifferenceResponse> slots = new ArrayList<>();
            differences.forEach((slot, value) -> slots.add(new SlotDifferenceResponse(slot.code(), value)));
            return new ComparisonResponse(slots);
        }
    }

    /** @param difference ΔE00, unrounded; 0 where both show the same */
    record SlotDifferenceResponse(String slot, double difference) {}

    /**
     * @param from the theme that it is made from; absent: it begins empty
     * @param turned whether it is made for pages of the other ground; absent: it is not
     */
    record NewTheme(
            @NotNull @PlainName(max = Theme.LONGEST_NAME) String name,
            @Nullable UUID from,
            @Nullable Boolean turned) {
        private boolean isTurned() {
            return Boolean.TRUE.equals(turned);
        }

        Change change(Brand brand, UUID newId) {
            if (brand.themes().all().size() == Themes.MOST) {
                throw new ThemeException("A brand has " + Themes.MOST + " themes at most");
            }
            String given = name.strip();
            if (from == null) {
                Theme empty = Theme.empty(newId, given);
                return new ThemesChange.AddTheme(
                        isTurned() ? empty.on(empty.ground().turned()) : empty, Optional.empty());
            }
            Theme original = brand.themes().get(from);
            Theme made = isTurned() ? Turning.of(original, brand.palette(), brand.roles()) : original;
            return new ThemesChange.AddTheme(made.under(newId).withName(given), Optional.of(original.name()));
        }
    }
}
