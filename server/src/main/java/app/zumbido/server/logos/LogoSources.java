package app.zumbido.server.logos;

import app.zumbido.core.image.Pixels;
import app.zumbido.formats.logos.LogoDrawing;
import java.util.Optional;
import java.util.UUID;

/** Pictures that logos are made of; the sheet answers, also for what was taken off it. */
public interface LogoSources {
    /** @throws app.zumbido.server.http.ApiException if the brand has no such source, or it shows no picture */
    String name(UUID brand, UUID source);

    /** @return its painted shapes */
    LogoDrawing drawing(UUID brand, UUID source);

    /** @return the picture itself where it stands on nothing and is made of pixels */
    Optional<Pixels> transparent(UUID brand, UUID source);

    /** @return made so small that a pixel is what the eye sees at once */
    Pixels small(UUID brand, UUID source);

    /** @return the picture, made no larger than that; nothing if it is gone or shows none */
    Optional<Pixels> find(UUID brand, UUID source, int longSide);

    /** @return width for one unit of height; nothing if it is gone or shows no picture */
    Optional<Double> ratio(UUID brand, UUID source);
}
