package app.zumbido.formats.uses;

import app.zumbido.core.color.Rgb;
import app.zumbido.core.inspect.check.Edit;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoVersion;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.core.type.FontPair;
import app.zumbido.formats.delivery.LogoPicture;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What is written into a file that exists.
 *
 * @param edits each spot once
 * @param theme that takes the place of the file's own
 */
public record Changes(List<Edit> edits, Optional<NewTheme> theme, LogoFiles logos) {
    /**
     * A theme for a file.
     *
     * @param dark whether pages stand on the dark slots
     * @param left parts of masters that keep the theme that they have
     */
    public record NewTheme(String name, Map<ThemeSlot, Rgb> colors, FontPair fonts, boolean dark, Set<String> left) {}

    /** Where logos come from. */
    @FunctionalInterface
    public interface LogoFiles {
        Optional<LogoPicture> logo(LogoForm form, LogoVersion version);
    }

    public Changes {
        edits = List.copyOf(edits);
    }

    /** @return changes that put in no logo and no theme */
    public static Changes of(List<Edit> edits) {
        return new Changes(edits, Optional.empty(), (form, version) -> Optional.empty());
    }
}
