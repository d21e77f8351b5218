package app.zumbido.server.logos;

import app.zumbido.core.brand.LogoChange;
import app.zumbido.core.logos.KeptForm;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoMeasures;
import app.zumbido.core.logos.LogoVersion;
import app.zumbido.server.answer.BrandResponse;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.http.PlainName;
import app.zumbido.server.trail.BrandKeeper;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The forms of a brand's logo. */
@RestController
@RequestMapping("/api/brands/{id}/logos")
class LogoController {
    private final BrandKeeper keeper;
    private final LogoService service;

    LogoController(BrandKeeper keeper, LogoService service) {
        this.keeper = keeper;
        this.service = service;
    }

    @GetMapping
    List<LogoFormResponse> forms(@PathVariable UUID id) {
        return service.station(id);
    }

    /**
     * Every version of every form on every ground; of each form the version that is to be used there is marked.
     *
     * @param picture id of a source that the logo is looked at on, besides the grounds of the brand
     */
    @GetMapping("/grounds")
    List<LogoGroundResponse> grounds(
            @PathVariable UUID id,
            @RequestParam(required = false) @Nullable UUID theme,
            @RequestParam(required = false) @Nullable UUID picture) {
        return service.grounds(id, theme, picture);
    }

    /** Says where a form comes from. */
    @PutMapping("/{form}")
    ResponseEntity<BrandResponse> set(
            @PathVariable UUID id,
            @PathVariable LogoForm form,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody LogoRequest request) {
        return BrandResponse.answer(service.change(id, ifMatch, brand -> service.form(brand, form, request)));
    }

    /** Takes a form away, and those that are made of it. */
    @DeleteMapping("/{form}")
    ResponseEntity<BrandResponse> drop(
            @PathVariable UUID id, @PathVariable LogoForm form, @RequestHeader("If-Match") IfMatch ifMatch) {
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> {
            brand.logos().get(form);
            return new LogoChange.DropForm(form);
        }));
    }

    /** Gives a version a picture of its own. */
    @PutMapping("/{form}/versions/{version}")
    ResponseEntity<BrandResponse> setVersion(
            @PathVariable UUID id,
            @PathVariable LogoForm form,
            @PathVariable LogoVersion version,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody LogoVersionRequest request) {
        return BrandResponse.answer(
                service.change(id, ifMatch, brand -> service.version(brand, form, version, request.sourceId())));
    }

    /** The version is made by us again. */
    @DeleteMapping("/{form}/versions/{version}")
    ResponseEntity<BrandResponse> freeVersion(
            @PathVariable UUID id,
            @PathVariable LogoForm form,
            @PathVariable LogoVersion version,
            @RequestHeader("If-Match") IfMatch ifMatch) {
        return BrandResponse.answer(service.change(id, ifMatch, brand -> service.version(brand, form, version, null)));
    }

    /** Says how much room a form wants and how small it may be; what is absent is measured. */
    @PutMapping("/{form}/measures")
    ResponseEntity<BrandResponse> measure(
            @PathVariable UUID id,
            @PathVariable LogoForm form,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody LogoMeasuresRequest request) {
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> {
            brand.logos().get(form);
            return new LogoChange.Measure(form, request.measures());
        }));
    }

    /** Says where a form is used. */
    @PutMapping("/{form}/use")
    ResponseEntity<BrandResponse> sayUse(
            @PathVariable UUID id,
            @PathVariable LogoForm form,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody LogoUseRequest request) {
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> {
            brand.logos().get(form);
            return new LogoChange.SayUse(form, request.use().strip());
        }));
    }

    /** @param sourceId id of a picture on the sheet */
    record LogoVersionRequest(@NotNull UUID sourceId) {}

    /**
     * @param clear in heights of the form
     * @param millimetres least width in print
     * @param pixels least width on a screen, in CSS pixels
     */
    record LogoMeasuresRequest(
            @Nullable @DecimalMin("0") @DecimalMax("2") Double clear,
            @Nullable @DecimalMin("0.1") @DecimalMax("500") Double millimetres,

            @Nullable @Min(1) @Max(LogoMeasures.MOST_PIXELS) Integer pixels) {
        LogoMeasures measures() {
            return new LogoMeasures(
                    Optional.ofNullable(clear), Optional.ofNullable(millimetres), Optional.ofNullable(pixels));
        }
    }

    record LogoUseRequest(
            @NotNull @PlainName(max = KeptForm.LONGEST_USE, blank = true)
            String use) {}
}
