package app.zumbido.server.logos;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.contrast.Overlay;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoGround;
import app.zumbido.core.logos.LogoPart;
import app.zumbido.core.logos.LogoStanding;
import app.zumbido.core.logos.LogoVersion;
import app.zumbido.server.http.ApiException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Looks at every version of every form on grounds, and chooses the version for each. */
final class StandingsOnGrounds {
    private final Map<LogoForm, Map<LogoVersion, List<LogoPart>>> parts = new EnumMap<>(LogoForm.class);
    private final Tones tones;

    StandingsOnGrounds(Brand brand, BrandLogos logos) {
        tones = Tones.of(brand);
        brand.logos().forms().keySet().forEach(form -> {
            Map<LogoVersion, List<LogoPart>> versions = new EnumMap<>(LogoVersion.class);
            try {
                for (LogoVersion version : LogoVersion.values()) {
                    versions.put(version, logos.parts(logos.version(brand, form, version)));
                }
                parts.put(form, versions);
            } catch (ApiException e) {
                // The station says of a form that it cannot be drawn; the others are looked at nevertheless.
                versions.clear();
            }
        });
    }

    /** @return by ground and form each version, the one to be used first */
    List<LogoGroundResponse> on(List<NamedGround> grounds) {
        List<LogoGroundResponse> rows = new ArrayList<>();
        for (NamedGround named : grounds) {
            parts.forEach((form, versions) -> {
                List<LogoStanding> standings = new ArrayList<>();
                versions.forEach((version, seen) ->
                        LogoStanding.of(form, version, seen, named.ground()).ifPresent(standings::add));
                chosen(standings)
                        .ifPresent(best -> standings.forEach(standing -> rows.add(LogoGroundResponse.of(
                                named,
                                standing,
                                standing == best,
                                standing == best && !best.reads() ? overlay(versions, named.ground()) : null))));
            });
        }
        return rows;
    }

    private List<LogoStanding> standings(LogoForm form, LogoGround ground) {
        List<LogoStanding> standings = new ArrayList<>();
        parts.getOrDefault(form, Map.of())
                .forEach((version, seen) ->
                        LogoStanding.of(form, version, seen, ground).ifPresent(standings::add));
        return standings;
    }

    /** @return the version of a form to be used on a ground; nothing if the form cannot be drawn */
    Optional<LogoStanding> chosen(LogoForm form, LogoGround ground) {
        return chosen(standings(form, ground));
    }

    /** @return every version of a form on a ground, the one to be used first; none of a form that cannot be drawn */
    List<LogoStanding> ranked(LogoForm form, LogoGround ground) {
        List<LogoStanding> standings = standings(form, ground);
        List<LogoStanding> ranked = new ArrayList<>(chosen(standings).stream().toList());
        standings.stream().filter(standing -> !ranked.contains(standing)).forEach(ranked::add);
        return ranked;
    }

    /** The first that reads everywhere, else the first that reads in a corner, else the one that is seen best. */
    private static Optional<LogoStanding> chosen(List<LogoStanding> standings) {
        return standings.stream()
                .filter(LogoStanding::reads)
                .findFirst()
                .or(() -> standings.stream()
                        .filter(standing -> standing.corner().isPresent())
                        .findFirst())
                .or(() -> standings.stream().max(Comparator.comparing(LogoStanding::ratio)));
    }

    /** A solid and the version that reads on what it makes of the ground; of several the one that hides least. */
    record Remedy(Overlay overlay, LogoVersion version) {}

    private @Nullable Remedy overlay(Map<LogoVersion, List<LogoPart>> versions, LogoGround ground) {
        return Stream.of(
                        remedy(versions, LogoVersion.DARK, ground, tones.dark()),
                        remedy(versions, LogoVersion.ONE_LIGHT, ground, tones.dark()),
                        remedy(versions, LogoVersion.LIGHT, ground, tones.light()),
                        remedy(versions, LogoVersion.ONE_DARK, ground, tones.light()))
                .flatMap(Optional::stream)
                .min(Comparator.comparingDouble(
                        remedy -> remedy.overlay().opacity().value()))
                .orElse(null);
    }

    private static Optional<Remedy> remedy(
            Map<LogoVersion, List<LogoPart>> versions, LogoVersion version, LogoGround ground, Rgb solid) {
        return LogoStanding.overlayFor(versions.get(version), ground, solid).map(laid -> new Remedy(laid, version));
    }
}
