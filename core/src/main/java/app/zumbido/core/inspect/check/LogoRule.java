package app.zumbido.core.inspect.check;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Findings;
import app.zumbido.core.inspect.FoundPage;
import app.zumbido.core.inspect.FoundPicture;
import app.zumbido.core.inspect.House;
import app.zumbido.core.inspect.Place;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Whether the brand's logo is there, in its proportions, and in the version that its ground asks for. */
final class LogoRule implements Rule {
    /** Less is the rounding of programs; share of the width. */
    private static final double ROUNDING = 0.03;

    private final Logos logos;

    LogoRule(Logos logos) {
        this.logos = logos;
    }

    @Override
    public void judge(Findings findings, House house, Faults faults) {
        if (!house.hasLogo()) {
            return;
        }
        Map<FoundPicture, Logos.Seen> seen = new LinkedHashMap<>();
        findings.pictures().forEach(picture -> logos.in(picture.content()).ifPresent(logo -> seen.put(picture, logo)));
        missing(findings, seen, faults);
        seen.forEach((picture, logo) -> {
            stretched(picture, logo, faults);
            ground(picture, logo, faults);
        });
    }

    private static void missing(Findings findings, Map<FoundPicture, Logos.Seen> seen, Faults faults) {
        if (!findings.isDeck()) {
            return;
        }
        for (FoundPage page : findings.pages()) {
            boolean there = seen.keySet().stream()
                    .anyMatch(picture -> page.drawn().contains(picture.place().part()));
            if (there) {
                continue;
            }
            Faults.Draft draft = new Faults.Draft(FaultKind.LOGO_MISSING, Place.on(page.number(), page.part(), ""));
            boolean behind = seen.keySet().stream()
                    .map(picture -> picture.place().part())
                    .anyMatch(part -> part.equals(page.layout()) || part.equals(page.master()));
            if (behind) {
                page.hiding()
                        .ifPresent(spot -> draft.by(
                                Mending.other(Mending.Kind.SHOW_GRAPHICS, "", List.of(new Edit.Write(spot, "1")))));
            }
            if (seen.isEmpty()) {
                // A file without any logo lacks it once.
                faults.add(draft.on(findings.pages().size()));
                return;
            }
            faults.add(draft);
        }
    }

    private static void stretched(FoundPicture picture, Logos.Seen logo, Faults faults) {
        if (picture.ratio() <= 0 || picture.shown().height() <= 0) {
            return;
        }
        double right = logo.ratio() * picture.shown().width() / picture.shown().height();
        double wider = picture.ratio() / right;
        if (Math.abs(wider - 1) <= ROUNDING || !(right > 0)) {
            return;
        }
        Faults.Draft draft = new Faults.Draft(FaultKind.LOGO_STRETCHED, picture.place()).measure(wider);
        picture.size().ifPresent(size -> {
            // The longer way is kept out: a logo never grows.
            boolean narrower = wider > 1;
            Edit edit = narrower
                    ? new Edit.Write(
                            size.width().spot(),
                            Long.toString(Math.round(size.width().units() / wider)))
                    : new Edit.Write(
                            size.height().spot(),
                            Long.toString(Math.round(size.height().units() * wider)));
            draft.by(Mending.other(Mending.Kind.IN_PROPORTION, "", List.of(edit)));
        });
        faults.add(draft);
    }

    private void ground(FoundPicture picture, Logos.Seen logo, Faults faults) {
        Optional<Rgb> unseen = picture.standing().colors().stream()
                .filter(ground -> !logos.isSeen(picture.content(), ground))
                .findFirst();
        unseen.ifPresent(ground -> {
            Faults.Draft draft = new Faults.Draft(FaultKind.LOGO_GROUND, picture.place()).ground(ground);
            logos.versionFor(logo.form(), ground)
                    .ifPresent(version -> draft.by(Mending.other(
                            Mending.Kind.LOGO_FOR_GROUND,
                            version.name(),
                            List.of(new Edit.PutLogo(picture.reference(), logo.form(), version)))));
            faults.add(draft);
        });
    }
}
