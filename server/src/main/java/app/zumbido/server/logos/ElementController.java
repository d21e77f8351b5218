package app.zumbido.server.logos;

import app.zumbido.core.brand.LogoChange;
import app.zumbido.core.logos.BrandElement;
import app.zumbido.core.logos.LogoSet;
import app.zumbido.server.answer.BrandResponse;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.http.PlainName;
import app.zumbido.server.storage.Ids;
import app.zumbido.server.trail.BrandKeeper;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What belongs to a brand besides its logo: icons, patterns, textures, callouts, characters. */
@RestController
@RequestMapping("/api/brands/{id}/elements")
class ElementController {
    private final BrandKeeper keeper;
    private final LogoService service;
    private final Ids ids;

    ElementController(BrandKeeper keeper, LogoService service, Ids ids) {
        this.keeper = keeper;
        this.service = service;
        this.ids = ids;
    }

    @PostMapping
    ResponseEntity<BrandResponse> add(
            @PathVariable UUID id,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody ElementRequest request) {
        UUID element = ids.next();
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> {
            if (brand.logos().elements().size() >= LogoSet.MOST_ELEMENTS) {
                throw new LogoException("A brand has at most " + LogoSet.MOST_ELEMENTS + " elements");
            }
            return service.element(brand, request.element(element));
        }));
    }

    @PutMapping("/{element}")
    ResponseEntity<BrandResponse> change(
            @PathVariable UUID id,
            @PathVariable UUID element,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody ElementRequest request) {
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> {
            brand.logos().element(element);
            return service.element(brand, request.element(element));
        }));
    }

    @DeleteMapping("/{element}")
    ResponseEntity<BrandResponse> drop(
            @PathVariable UUID id, @PathVariable UUID element, @RequestHeader("If-Match") IfMatch ifMatch) {
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> {
            brand.logos().element(element);
            return new LogoChange.DropElement(element);
        }));
    }

    /** @param sourceId id of a picture on the sheet */
    record ElementRequest(
            BrandElement.@NotNull Kind kind,

            @NotNull @PlainName(max = BrandElement.LONGEST_NAME)
            String name,

            @NotNull @PlainName(max = BrandElement.LONGEST_SENTENCE, blank = true)
            String sentence,

            @NotNull UUID sourceId) {
        BrandElement element(UUID id) {
            return new BrandElement(id, kind, name.strip(), sentence.strip(), sourceId);
        }
    }
}
