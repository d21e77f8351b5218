package app.zumbido.server.delivery;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.guide.GuideFacts.MeasuredLogo;
import app.zumbido.core.image.Pixels;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoStanding;
import app.zumbido.core.logos.LogoVersion;
import app.zumbido.core.type.TypeRole;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.FontProgram;
import app.zumbido.formats.delivery.Letters;
import app.zumbido.formats.delivery.LogoPicture;
import app.zumbido.formats.fonts.FontFace;
import app.zumbido.server.logos.BrandLogos;
import app.zumbido.server.logos.LogoSources;
import app.zumbido.server.type.SetFaces;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Files of one brand. */
record BrandAssets(Brand brand, SetFaces faces, BrandLogos logos, LogoSources sheet) implements Assets {
    @Override
    public Optional<Pixels> picture(UUID source, int longSide) {
        return sheet.find(brand.id(), source, longSide);
    }

    @Override
    public Optional<Double> pictureRatio(UUID source) {
        return sheet.ratio(brand.id(), source);
    }

    @Override
    public Optional<FontFace> face(String family, int weight, boolean italic) {
        return faces.face(brand, family, weight, italic);
    }

    @Override
    public Optional<MeasuredLogo> measured(LogoForm form) {
        return logos.measures(brand, form);
    }

    @Override
    public List<LogoStanding> standings(LogoForm form, Rgb ground) {
        return logos.standings(brand, form, ground);
    }

    @Override
    public Optional<Letters> letters(TypeRole role) {
        return faces.letters(brand, role);
    }

    @Override
    public List<FontProgram> programs(String family) {
        return faces.programs(brand, family);
    }

    @Override
    public Optional<LogoPicture> logo(LogoForm form, LogoVersion version) {
        return logos.picture(brand, form, version);
    }

    @Override
    public Optional<LogoPicture> logoOn(LogoForm form, Rgb ground) {
        return logos.pictureOn(brand, form, ground);
    }
}
