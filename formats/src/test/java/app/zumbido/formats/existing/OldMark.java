package app.zumbido.formats.existing;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoVersion;
import app.zumbido.formats.delivery.Assets;
import app.zumbido.formats.delivery.DrawnPicture;
import app.zumbido.formats.delivery.LogoPicture;
import app.zumbido.formats.logos.LogoDrawing;
import app.zumbido.formats.logos.PaintedShape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.util.List;
import java.util.Optional;

/** What the observatory had before: a telescope and a star, invented as everything here. */
record OldMark() implements Assets {
    private static LogoDrawing drawing() {
        Path2D tube = new Path2D.Double();
        tube.moveTo(0, 70);
        tube.lineTo(190, 0);
        tube.lineTo(200, 26);
        tube.lineTo(10, 96);
        tube.closePath();
        return new LogoDrawing(
                240,
                100,
                List.of(
                        new PaintedShape(tube, Rgb.ofHex("24406E"), 1),
                        new PaintedShape(new Ellipse2D.Double(206, 60, 34, 34), Rgb.ofHex("B2161B"), 1)));
    }

    @Override
    public Optional<LogoPicture> logo(LogoForm form, LogoVersion version) {
        return Optional.of(new DrawnPicture(drawing()));
    }

    @Override
    public Optional<LogoPicture> logoOn(LogoForm form, Rgb ground) {
        return logo(form, LogoVersion.LIGHT);
    }
}
