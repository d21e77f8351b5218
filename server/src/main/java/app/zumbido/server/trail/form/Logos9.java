package app.zumbido.server.trail.form;

import app.zumbido.core.logos.BrandElement;
import app.zumbido.core.logos.KeptForm;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoMeasures;
import app.zumbido.core.logos.LogoSet;
import app.zumbido.core.logos.LogoVersion;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A brand's logo and what else belongs to it.
 *
 * @param forms by name of the form
 */
record Logos9(Map<String, Form9> forms, List<Element9> elements) {
    static Logos9 of(LogoSet logos) {
        Map<String, Form9> forms = new TreeMap<>();
        logos.forms().forEach((form, kept) -> forms.put(form.name(), Form9.of(kept)));
        return new Logos9(forms, logos.elements().stream().map(Element9::of).toList());
    }

    LogoSet logos() {
        Map<LogoForm, KeptForm> kept = new EnumMap<>(LogoForm.class);
        forms.forEach((form, stored) -> kept.put(LogoForm.valueOf(form), stored.kept()));
        return new LogoSet(kept, elements.stream().map(Element9::element).toList());
    }

    /**
     * @param own by name of the version the picture that was given for it
     * @param clear in heights of the form
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Form9(
            Drawn9 drawn,
            Map<String, UUID> own,
            @Nullable Double clear,
            @Nullable Double millimetres,
            @Nullable Integer pixels,
            String use) {
        static Form9 of(KeptForm kept) {
            Map<String, UUID> own = new TreeMap<>();
            kept.own().forEach((version, source) -> own.put(version.name(), source));
            LogoMeasures measures = kept.measures();
            return new Form9(
                    Drawn9.of(kept.drawn()),
                    own,
                    measures.clear().orElse(null),
                    measures.millimetres().orElse(null),
                    measures.pixels().orElse(null),
                    kept.use());
        }

        KeptForm kept() {
            Map<LogoVersion, UUID> files = new EnumMap<>(LogoVersion.class);
            own.forEach((version, source) -> files.put(LogoVersion.valueOf(version), source));
            return new KeptForm(
                    drawn.drawn(),
                    files,
                    new LogoMeasures(
                            Optional.ofNullable(clear), Optional.ofNullable(millimetres), Optional.ofNullable(pixels)),
                    use);
        }
    }

    record Element9(UUID id, String kind, String name, String sentence, UUID source) {
        static Element9 of(BrandElement element) {
            return new Element9(
                    element.id(), element.kind().name(), element.name(), element.sentence(), element.source());
        }

        BrandElement element() {
            return new BrandElement(id, BrandElement.Kind.valueOf(kind), name, sentence, source);
        }
    }
}
