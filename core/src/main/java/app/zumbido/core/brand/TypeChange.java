package app.zumbido.core.brand;

import app.zumbido.core.roles.Role;
import app.zumbido.core.type.FontPair;
import app.zumbido.core.type.FontSet;
import app.zumbido.core.type.Language;
import app.zumbido.core.type.Lettering;
import app.zumbido.core.type.TypeRole;
import app.zumbido.core.type.TypeScale;
import java.util.List;
import java.util.Optional;

/** What is done to how a brand is set. */
public sealed interface TypeChange extends Change {
    FontSet applyTo(FontSet before);

    @Override
    default Brand applyTo(Brand brand) {
        return brand.with(applyTo(brand.type()));
    }

    record SetLettering(TypeRole role, Lettering lettering) implements TypeChange {
        @Override
        public FontSet applyTo(FontSet before) {
            return before.with(role, lettering);
        }

        @Override
        public TrailNote note(Brand before) {
            Lettering was = before.type().get(role);
            if (!was.family().equals(lettering.family())) {
                return note(ChangeKind.LETTERING_SET, was.family(), lettering.family());
            }
            if (!was.sizes().equals(lettering.sizes())) {
                return note(
                        ChangeKind.LETTERING_SIZED,
                        was.sizes().plain(),
                        lettering.sizes().plain());
            }
            if (!was.color().equals(lettering.color())) {
                return note(ChangeKind.LETTERING_COLORED, inWords(was.color()), inWords(lettering.color()));
            }
            return was.standIns().equals(lettering.standIns())
                    ? note(ChangeKind.LETTERING_STYLED, "", lettering.family())
                    : note(ChangeKind.STAND_INS_CHOSEN, "", lettering.family());
        }

        private TrailNote note(ChangeKind kind, String from, String to) {
            return TrailNote.of(kind).subject(role.name()).fromTo(from, to);
        }

        private static String inWords(Optional<Role> color) {
            return color.orElse(Role.TEXT).name();
        }
    }

    /** The logo is set in the heading's face again. */
    record DropLogoFace() implements TypeChange {
        @Override
        public FontSet applyTo(FontSet before) {
            return before.withoutLogo();
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.LOGO_FACE_DROPPED)
                    .subject(before.type().get(TypeRole.LOGO).family());
        }
    }

    /** A heading and a body that go together. */
    record TakePair(FontPair pair) implements TypeChange {
        @Override
        public FontSet applyTo(FontSet before) {
            return before.in(pair);
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.PAIR_OF_FACES_TAKEN)
                    .fromTo(pair.heading().name(), pair.body().name());
        }
    }

    record ScaleSizes(TypeScale scale) implements TypeChange {
        @Override
        public FontSet applyTo(FontSet before) {
            return before.on(scale);
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.TYPE_SCALED).subject(scale.name());
        }
    }

    record SetLanguages(List<Language> languages) implements TypeChange {
        public SetLanguages {
            languages = List.copyOf(languages);
        }

        @Override
        public FontSet applyTo(FontSet before) {
            return before.writing(languages);
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.LANGUAGES_SET).count(languages.size());
        }
    }
}
