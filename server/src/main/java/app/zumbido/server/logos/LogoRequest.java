package app.zumbido.server.logos;

import app.zumbido.core.logos.Cutting;
import app.zumbido.core.logos.Drawn;
import app.zumbido.core.logos.IconShape;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Palette;
import app.zumbido.server.http.Given;
import app.zumbido.server.http.PlainName;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Where a form comes from: a picture, or what is made of another form, or letters. One of these is said.
 *
 * @param sourceId id of a picture on the sheet
 * @param trimmed whether its empty margins are cut off
 * @param leaveOut parts of the other form that are left out
 * @param cutOut the part of the other form that is taken
 * @param initials letters in the face of the logo
 * @param of the other form; absent: the primary one, for an icon the submark where there is one
 * @param ground what initials or the other form stand on, in any notation; the color of a swatch follows the swatch
 * @param shape of that ground; absent: rounded
 */
record LogoRequest(
        @Nullable UUID sourceId,
        @Nullable Boolean trimmed,

        @Nullable @Size(min = 1, max = Drawn.MOST_CUTTINGS) List<@NotNull @Valid CuttingRequest> leaveOut,

        @Nullable @Valid CuttingRequest cutOut,
        @Nullable @PlainName(max = 2 * Drawn.MOST_INITIALS) String initials,
        @Nullable LogoForm of,
        @Nullable @Size(max = 60) String ground,
        @Nullable IconShape shape) {
    private static final double HARDLY = 1e-6;

    /** Shares of the other form's page, from the upper left. */
    record CuttingRequest(
            @NotNull @DecimalMin("0") @DecimalMax("1") Double x,
            @NotNull @DecimalMin("0") @DecimalMax("1") Double y,
            @NotNull @DecimalMin("0.001") @DecimalMax("1") Double width,
            @NotNull @DecimalMin("0.001") @DecimalMax("1") Double height) {
        Cutting cutting() {
            if (x + width > 1 + HARDLY || y + height > 1 + HARDLY) {
                throw new LogoException("That part reaches beyond the logo");
            }
            return new Cutting(x, y, Math.min(width, 1 - x), Math.min(height, 1 - y));
        }
    }

    /** @param standIn the form that others are made of where none is named */
    Drawn drawn(LogoForm form, Palette palette, LogoForm standIn) {
        long ways = Stream.of(sourceId, leaveOut, cutOut, initials)
                .filter(Objects::nonNull)
                .count();
        boolean stands = ways == 0 && ground != null;
        if (ways > 1 || ways == 0 && !stands) {
            throw new LogoException(
                    "Say one of these: a picture, parts to leave out, a part to cut out, initials, or a ground");
        }
        if (sourceId != null) {
            return new Drawn.OfFile(sourceId, Boolean.TRUE.equals(trimmed));
        }
        if (initials != null) {
            requireIcon(form, "Initials");
            return new Drawn.OfInitials(letters(initials.strip()), paint(palette), standing());
        }
        LogoForm other = of == null ? standIn : of;
        if (other.compareTo(form) >= 0) {
            throw new LogoException("A form is made of one that stands before it: primary, short, submark, icon");
        }
        if (leaveOut != null) {
            return new Drawn.LeftOut(
                    other, leaveOut.stream().map(CuttingRequest::cutting).toList());
        }
        if (cutOut != null) {
            return new Drawn.CutOut(other, cutOut.cutting());
        }
        requireIcon(form, "Another form on a ground");
        return new Drawn.OnGround(other, paint(palette), standing());
    }

    private static String letters(String letters) {
        if (letters.codePointCount(0, letters.length()) > Drawn.MOST_INITIALS) {
            throw new LogoException("An icon shows at most " + Drawn.MOST_INITIALS + " letters");
        }
        return letters;
    }

    private static void requireIcon(LogoForm form, String what) {
        if (form != LogoForm.ICON && form != LogoForm.SUBMARK) {
            throw new LogoException(what + " can be a submark or an icon");
        }
    }

    private Paint paint(Palette palette) {
        if (ground == null) {
            throw new LogoException("Say what color the initials stand on");
        }
        return Paint.of(Given.color(ground), palette);
    }

    private IconShape standing() {
        return Optional.ofNullable(shape).orElse(IconShape.ROUNDED);
    }
}
