package app.zumbido.server.logos;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Change;
import app.zumbido.core.brand.LogoChange;
import app.zumbido.core.brand.Look;
import app.zumbido.core.image.Pixels;
import app.zumbido.core.logos.BrandElement;
import app.zumbido.core.logos.Drawn;
import app.zumbido.core.logos.KeptForm;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoVersion;
import app.zumbido.formats.image.PngImage;
import app.zumbido.formats.logos.Icon;
import app.zumbido.formats.logos.LogoDrawing;
import app.zumbido.server.answer.LogosResponse;
import app.zumbido.server.http.ApiException;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.trail.BrandKeeper;
import app.zumbido.server.trail.KeptBrand;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Makes the forms of a logo and says what is worth knowing of them. */
@Service
class LogoService {
    private final BrandKeeper keeper;
    private final BrandLogos logos;
    private final LogoSources sources;

    LogoService(BrandKeeper keeper, BrandLogos logos, LogoSources sources) {
        this.keeper = keeper;
        this.logos = logos;
        this.sources = sources;
    }

    List<LogoFormResponse> station(UUID brandId) {
        Brand brand = keeper.load(brandId).brand();
        List<LogoFormResponse> forms = new ArrayList<>();
        brand.logos().forms().forEach((form, kept) -> forms.add(form(brand, form, kept)));
        return forms;
    }

    private LogoFormResponse form(Brand brand, LogoForm form, KeptForm kept) {
        try {
            FormDrawing drawing = logos.version(brand, form, LogoVersion.LIGHT);
            List<LogoFormResponse.VersionResponse> versions = new ArrayList<>();
            for (LogoVersion version : LogoVersion.values()) {
                UUID own = kept.own().get(version);
                versions.add(LogoFormResponse.VersionResponse.of(
                        version,
                        own == null ? null : sources.name(brand.id(), own),
                        logos.parts(logos.version(brand, form, version))));
            }
            return LogoFormResponse.of(brand, form, kept, file(brand, kept), versions, logos.measured(drawing));
        } catch (ApiException e) {
            // One form that cannot be drawn keeps no other from being shown.
            return LogoFormResponse.broken(form, kept, e.getMessage());
        }
    }

    private @Nullable String file(Brand brand, KeptForm kept) {
        return kept.drawn() instanceof Drawn.OfFile file ? sources.name(brand.id(), file.source()) : null;
    }

    /** Changes the logo. What has to be drawn for it is drawn before, since a change waits for nothing. */
    KeptBrand change(UUID brandId, IfMatch ifMatch, Function<Brand, Change> change) {
        change.apply(keeper.load(brandId).brand());
        return keeper.change(brandId, ifMatch, change);
    }

    /** @return the change that makes a form so @throws ApiException if nothing can be drawn so */
    LogoChange form(Brand brand, LogoForm form, LogoRequest request) {
        LogoForm standIn =
                form == LogoForm.ICON && brand.logos().find(LogoForm.SUBMARK).isPresent()
                        ? LogoForm.SUBMARK
                        : LogoForm.PRIMARY;
        Drawn drawn = request.drawn(form, brand.palette(), standIn);
        LogoDrawing drawing = logos.drawn(brand, brand.logos(), drawn).drawing();
        if (drawing.visible().isEmpty()) {
            throw new LogoException("Nothing of the logo would be left");
        }
        String file = drawn instanceof Drawn.OfFile from ? sources.name(brand.id(), from.source()) : "";
        return new LogoChange.SetForm(form, drawn, file);
    }

    LogoChange version(Brand brand, LogoForm form, LogoVersion version, @Nullable UUID source) {
        KeptForm kept = brand.logos().get(form);
        if (version == LogoVersion.LIGHT) {
            throw new LogoException("The version for light grounds is the form itself; give the form another picture");
        }
        if (source == null) {
            if (!kept.own().containsKey(version)) {
                throw new LogoException("That version is made by us already");
            }
            return new LogoChange.SetVersion(form, version, Optional.empty(), "");
        }
        logos.drawn(
                brand,
                brand.logos(),
                new Drawn.OfFile(source, kept.drawn() instanceof Drawn.OfFile file && file.trimmed()));
        return new LogoChange.SetVersion(form, version, Optional.of(source), sources.name(brand.id(), source));
    }

    LogoChange element(Brand brand, BrandElement element) {
        sources.name(brand.id(), element.source());
        return new LogoChange.KeepElement(element);
    }

    /** @return a drawing of plain paths */
    byte[] svg(UUID brandId, LogoForm form, LogoVersion version) {
        return logos.version(keeper.load(brandId).brand(), form, version)
                .picture()
                .svg();
    }

    /** @param width in pixels */
    byte[] png(UUID brandId, LogoForm form, LogoVersion version, int width) {
        Brand brand = keeper.load(brandId).brand();
        FormDrawing drawing = logos.version(brand, form, version);
        return original(brand, form, version)
                .filter(pixels -> width <= pixels.width())
                .map(pixels -> PngImage.wide(pixels, width))
                .orElseGet(() -> logos.png(drawing, width));
    }

    /** The pixels themselves where they show the form as it is: outlines of a few colours would tell less. */
    private Optional<Pixels> original(Brand brand, LogoForm form, LogoVersion version) {
        KeptForm kept = brand.logos().get(form);
        if (kept.own().containsKey(version)) {
            return sources.transparent(brand.id(), kept.own().get(version));
        }
        return version == LogoVersion.LIGHT && kept.drawn() instanceof Drawn.OfFile file && !file.trimmed()
                ? sources.transparent(brand.id(), file.source())
                : Optional.empty();
    }

    /** Whether it is the key of the brand's logo as it is now. */
    boolean isKey(UUID brandId, @Nullable String key) {
        return LogosResponse.key(keeper.load(brandId).brand()).equals(key);
    }

    /** @param side in pixels */
    byte[] icon(UUID brandId, int side) {
        if (!Icon.SIZES.contains(side)) {
            throw new LogoException("An icon comes in " + Icon.SIZES + " pixels");
        }
        return logos.png(logos.version(keeper.load(brandId).brand(), LogoForm.ICON, LogoVersion.LIGHT), side);
    }

    /** @param picture id of a picture that the logo may stand on too */
    List<LogoGroundResponse> grounds(UUID brandId, @Nullable UUID theme, @Nullable UUID picture) {
        Look look = keeper.look(brandId, theme);
        List<NamedGround> grounds = NamedGround.of(look, source -> sources.small(brandId, source));
        if (picture != null) {
            grounds.add(NamedGround.of(picture, sources.name(brandId, picture), sources.small(brandId, picture)));
        }
        return new StandingsOnGrounds(look.brand(), logos).on(grounds);
    }
}
