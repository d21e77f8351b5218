package app.zumbido.core.inspect.dress;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.Findings;
import app.zumbido.core.inspect.FoundPage;
import app.zumbido.core.inspect.FoundPicture;
import app.zumbido.core.inspect.Frame;
import app.zumbido.core.inspect.check.Edit;
import app.zumbido.core.inspect.check.Logos;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoVersion;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;

/**
 * A picture that stands where logos stand: small, on a master or a layout, or again and again on slides.
 *
 * @param pages on how many it is seen
 * @param own whether it is one of the brand's already, perhaps in the wrong version
 * @param form that takes its place: the one whose proportions come nearest
 * @param version for the ground that it stands on then
 */
public record OldLogo(FoundPicture picture, int pages, boolean own, LogoForm form, LogoVersion version) {
    /** Larger pictures are pictures; share of the page, set by eye. */
    private static final double LARGEST = 0.2;
    /** What stands on so many of the slides stands on all; share, set by eye. */
    private static final double AGAIN = 0.4;

    /** @param after what a ground becomes when the file is dressed @param page what pages stand on then */
    public static List<OldLogo> of(Findings findings, Logos logos, UnaryOperator<Rgb> after, Rgb page) {
        if (logos.forms().isEmpty()) {
            return List.of();
        }
        Set<String> behind = findings.pages().stream()
                .flatMap(it -> List.of(it.layout(), it.master()).stream())
                .filter(part -> !part.isEmpty())
                .collect(Collectors.toSet());
        Map<String, Integer> times = new HashMap<>();
        findings.pictures().forEach(picture -> times.merge(picture.content(), 1, Integer::sum));
        List<OldLogo> found = new ArrayList<>();
        for (FoundPicture picture : findings.pictures()) {
            Optional<Logos.Seen> seen = logos.in(picture.content());
            boolean stands = behind.contains(picture.place().part())
                    || times.get(picture.content())
                            >= Math.max(2, AGAIN * findings.pages().size());
            if (seen.isPresent() || stands && isSmall(picture)) {
                found.add(replaced(picture, seen, findings, logos, after, page));
            }
        }
        return found;
    }

    private static boolean isSmall(FoundPicture picture) {
        return picture.place().frame().filter(frame -> frame.area() < LARGEST).isPresent()
                && picture.ratio() > 0
                && picture.shown().equals(Frame.WHOLE);
    }

    private static OldLogo replaced(
            FoundPicture picture,
            Optional<Logos.Seen> seen,
            Findings findings,
            Logos logos,
            UnaryOperator<Rgb> after,
            Rgb page) {
        LogoForm form = seen.map(Logos.Seen::form).orElseGet(() -> nearest(picture.ratio(), logos.forms()));
        Rgb ground = picture.standing().colors().stream().findFirst().map(after).orElse(page);
        int pages = (int) findings.pages().stream()
                .map(FoundPage::drawn)
                .filter(drawn -> drawn.contains(picture.place().part()))
                .count();
        return new OldLogo(
                picture,
                pages,
                seen.isPresent(),
                form,
                logos.versionFor(form, ground).orElse(LogoVersion.LIGHT));
    }

    private static LogoForm nearest(double ratio, Map<LogoForm, Double> forms) {
        return forms.entrySet().stream()
                .min(Comparator.comparingDouble(entry -> Math.abs(Math.log(entry.getValue() / ratio))))
                .orElseThrow()
                .getKey();
    }

    /** @return the logo put in, as large as it can be in the old one's place, in proportion */
    public List<Edit> edits(Map<LogoForm, Double> forms) {
        List<Edit> edits = new ArrayList<>();
        edits.add(new Edit.PutLogo(picture.reference(), form, version));
        double right = forms.get(form);
        picture.size().filter(size -> picture.ratio() > 0).ifPresent(size -> {
            boolean wide = right > picture.ratio();
            long width = size.width().units();
            long height = size.height().units();
            if (wide) {
                long lower = Math.round(height * picture.ratio() / right);
                edits.add(write(size.height(), lower));
                edits.add(write(size.y(), size.y().units() + (height - lower) / 2));
            } else {
                long narrower = Math.round(width * right / picture.ratio());
                edits.add(write(size.width(), narrower));
                edits.add(write(size.x(), size.x().units() + (width - narrower) / 2));
            }
        });
        return edits;
    }

    private static Edit write(FoundPicture.Length length, long units) {
        return new Edit.Write(length.spot(), Long.toString(units));
    }
}
