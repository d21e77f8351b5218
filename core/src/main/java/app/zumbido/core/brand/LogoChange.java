package app.zumbido.core.brand;

import app.zumbido.core.logos.BrandElement;
import app.zumbido.core.logos.Drawn;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.logos.LogoMeasures;
import app.zumbido.core.logos.LogoSet;
import app.zumbido.core.logos.LogoVersion;
import java.util.Optional;
import java.util.UUID;

/** What is done to a brand's logo and to what else belongs to it. */
public sealed interface LogoChange extends Change {
    LogoSet applyTo(LogoSet before);

    @Override
    default Brand applyTo(Brand brand) {
        return brand.with(applyTo(brand.logos()));
    }

    /** @param file name of the file, where it is drawn from one */
    record SetForm(LogoForm form, Drawn drawn, String file) implements LogoChange {
        @Override
        public LogoSet applyTo(LogoSet before) {
            return before.with(form, drawn);
        }

        @Override
        public TrailNote note(Brand before) {
            boolean trims = before.logos().find(form).stream()
                    .anyMatch(kept -> kept.drawn().isSamePicture(drawn));
            ChangeKind kind = trims
                    ? ChangeKind.LOGO_TRIMMED
                    : drawn instanceof Drawn.OfFile ? ChangeKind.LOGO_PUT : ChangeKind.LOGO_MADE;
            return TrailNote.of(kind).subject(form.name()).fromTo("", said());
        }

        private String said() {
            if (drawn instanceof Drawn.OfInitials initials) {
                return initials.letters();
            }
            return drawn.madeOf().map(LogoForm::name).orElse(file);
        }
    }

    record DropForm(LogoForm form) implements LogoChange {
        @Override
        public LogoSet applyTo(LogoSet before) {
            return before.without(form);
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.LOGO_DROPPED).subject(form.name());
        }
    }

    /**
     * @param source nothing: the version is made by us again
     * @param file its name
     */
    record SetVersion(LogoForm form, LogoVersion version, Optional<UUID> source, String file) implements LogoChange {
        @Override
        public LogoSet applyTo(LogoSet before) {
            return before.with(form, version, source);
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(source.isPresent() ? ChangeKind.LOGO_VERSION_PUT : ChangeKind.LOGO_VERSION_FREED)
                    .subject(form.name())
                    .fromTo(version.name(), file);
        }
    }

    record Measure(LogoForm form, LogoMeasures measures) implements LogoChange {
        @Override
        public LogoSet applyTo(LogoSet before) {
            return before.measuring(form, measures);
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.LOGO_MEASURED).subject(form.name());
        }
    }

    record SayUse(LogoForm form, String use) implements LogoChange {
        @Override
        public LogoSet applyTo(LogoSet before) {
            return before.used(form, use);
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.LOGO_WORDED).subject(form.name());
        }
    }

    /** Adds it, or changes the one of that id. */
    record KeepElement(BrandElement element) implements LogoChange {
        @Override
        public LogoSet applyTo(LogoSet before) {
            return before.with(element);
        }

        @Override
        public TrailNote note(Brand before) {
            boolean known = before.logos().elements().stream()
                    .anyMatch(other -> other.id().equals(element.id()));
            return TrailNote.of(known ? ChangeKind.ELEMENT_CHANGED : ChangeKind.ELEMENT_ADDED)
                    .subject(element.name());
        }
    }

    record DropElement(UUID id) implements LogoChange {
        @Override
        public LogoSet applyTo(LogoSet before) {
            return before.withoutElement(id);
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.ELEMENT_DROPPED)
                    .subject(before.logos().element(id).name());
        }
    }
}
