package app.zumbido.core.inspect.check;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoVersion;
import java.util.Map;
import java.util.Optional;

/** Knows the brand's logos when it sees them. */
public interface Logos {
    /** Of a brand that has none, or whose logos nobody looks for. */
    Logos NONE = new Logos() {
        @Override
        public Optional<Seen> in(String content) {
            return Optional.empty();
        }

        @Override
        public boolean isSeen(String content, Rgb ground) {
            return true;
        }

        @Override
        public Optional<LogoVersion> versionFor(LogoForm form, Rgb ground) {
            return Optional.empty();
        }

        @Override
        public Map<LogoForm, Double> forms() {
            return Map.of();
        }
    };

    /** @param ratio width for one unit of height, as it should be */
    record Seen(LogoForm form, LogoVersion version, double ratio) {}

    /** @param content part of the file that holds a picture @return nothing if it is none of the brand's logos */
    Optional<Seen> in(String content);

    /** Whether most of what is on the picture stands out from a ground. */
    boolean isSeen(String content, Rgb ground);

    /** @return the version that is seen on a ground; nothing if none is */
    Optional<LogoVersion> versionFor(LogoForm form, Rgb ground);

    /** @return the forms that the brand has, and width for one unit of height of each */
    Map<LogoForm, Double> forms();
}
