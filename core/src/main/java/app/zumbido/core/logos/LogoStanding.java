package app.zumbido.core.logos;

import app.zumbido.core.color.ContrastRatio;
import app.zumbido.core.color.Fraction;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.color.WcagLevel;
import app.zumbido.core.contrast.Overlay;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * How one version of a form is seen on a ground: by the part of it that is seen least. Source: WCAG 2.2, 1.4.11.
 *
 * @param part that is seen least, of those that count
 * @param worst where it is seen least
 * @param corner of a picture where it reads although it does not everywhere
 */
public record LogoStanding(
        LogoForm form, LogoVersion version, Rgb part, LogoGround.Worst worst, Optional<Corner> corner) {
    /** Thinner overlays are tried first; shares. */
    private static final double STEP = 0.05;

    /** @param parts of that version @return nothing of a logo that shows nothing */
    public static Optional<LogoStanding> of(
            LogoForm form, LogoVersion version, List<LogoPart> parts, LogoGround ground) {
        return weakest(parts, ground)
                .map(weakest -> new LogoStanding(
                        form,
                        version,
                        weakest.part(),
                        weakest.worst(),
                        isSeen(weakest.worst()) ? Optional.empty() : corner(parts, ground)));
    }

    private record Weakest(Rgb part, LogoGround.Worst worst) {}

    private static Optional<Weakest> weakest(List<LogoPart> parts, LogoGround ground) {
        return parts.stream()
                .filter(LogoPart::counts)
                .map(part -> new Weakest(part.color(), ground.worst(part.color())))
                .min(Comparator.comparing(weakest -> weakest.worst().ratio()));
    }

    private static Optional<Corner> corner(List<LogoPart> parts, LogoGround ground) {
        return ground instanceof LogoGround.Over picture
                ? Arrays.stream(Corner.values())
                        .filter(corner -> weakest(parts, picture.at(corner))
                                .filter(weakest -> isSeen(weakest.worst()))
                                .isPresent())
                        .findFirst()
                : Optional.empty();
    }

    /**
     * @param parts of a version
     * @param solid that may be laid over the ground
     * @return the thinnest overlay under which the version reads everywhere; nothing if none does
     */
    public static Optional<Overlay> overlayFor(List<LogoPart> parts, LogoGround ground, Rgb solid) {
        for (int step = 1; step * STEP < 1; step++) {
            Overlay overlay = new Overlay(solid, Fraction.of(step * STEP));
            if (weakest(parts, ground.under(overlay))
                    .filter(found -> isSeen(found.worst()))
                    .isPresent()) {
                return Optional.of(overlay);
            }
        }
        return Optional.empty();
    }

    private static boolean isSeen(LogoGround.Worst worst) {
        return worst.ratio().reaches(WcagLevel.GRAPHICS);
    }

    public ContrastRatio ratio() {
        return worst.ratio();
    }

    /** Whether every part that counts is seen on all of the ground. */
    public boolean reads() {
        return isSeen(worst);
    }
}
