package app.zumbido.formats.guide;

import app.zumbido.core.brand.Look;
import app.zumbido.core.color.PressProfile;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.guide.GuideFacts;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.type.StandIn;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.Letters;
import app.zumbido.formats.press.CoatedPress;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/** What a guide knows of the files of a brand, asked once each. */
final class AssetFacts implements GuideFacts {
    private final Look look;
    private final Assets assets;
    private final BrandFaces faces;
    private final Map<LogoForm, Optional<MeasuredLogo>> logos = new HashMap<>();
    private final Map<Map.Entry<LogoForm, Rgb>, List<SeenLogo>> seen = new HashMap<>();

    AssetFacts(Look look, Assets assets, BrandFaces faces) {
        this.look = look;
        this.assets = assets;
        this.faces = faces;
    }

    @Override
    public PressProfile press() {
        return CoatedPress.instance();
    }

    @Override
    public Optional<MeasuredLogo> logo(LogoForm form) {
        return logos.computeIfAbsent(form, one -> look.brand().logos().find(one).flatMap(kept -> assets.measured(one)));
    }

    @Override
    public List<SeenLogo> seen(LogoForm form, Rgb ground) {
        return seen.computeIfAbsent(
                Map.entry(form, ground),
                key -> assets.standings(form, ground).stream()
                        .flatMap(standing -> assets.logo(form, standing.version()).stream()
                                .map(picture -> new SeenLogo(
                                        standing.version(),
                                        picture.ratio(),
                                        standing.ratio().value(),
                                        standing.reads())))
                        .toList());
    }

    @Override
    public List<StandIn> standIns(TypeRole role) {
        return assets.letters(role).map(Letters::standIns).orElse(List.of());
    }

    @Override
    public boolean hasFace(TypeRole role) {
        return faces.isAtHand(role);
    }

    @Override
    public Optional<Double> picture(UUID source) {
        return assets.pictureRatio(source);
    }
}
