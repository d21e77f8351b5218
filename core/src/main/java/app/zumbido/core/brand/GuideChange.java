package app.zumbido.core.brand;

import app.zumbido.core.guide.GuideSection;
import app.zumbido.core.guide.GuideWords;
import app.zumbido.core.guide.MoodPicture;
import app.zumbido.core.guide.SectionKind;
import app.zumbido.core.guide.Sheet;
import java.util.List;
import java.util.Locale;

/** What is done to the style guide. */
public sealed interface GuideChange extends Change {
    record LayGuideOn(Sheet sheet) implements GuideChange {
        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.guide().on(sheet));
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.GUIDE_SHEET_SET)
                    .subject(sheet.format().name().toLowerCase(Locale.ROOT));
        }
    }

    /** Shows a section or leaves it out, sizes it, gives it a title or a note. */
    record SetSection(GuideSection section) implements GuideChange {
        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.guide().with(section));
        }

        @Override
        public TrailNote note(Brand before) {
            GuideSection was = before.guide().get(section.kind());
            if (was.shown() != section.shown()) {
                return TrailNote.of(
                                section.shown() ? ChangeKind.GUIDE_SECTION_SHOWN : ChangeKind.GUIDE_SECTION_LEFT_OUT)
                        .subject(was.heading());
            }
            if (!was.title().equals(section.title())) {
                return TrailNote.of(ChangeKind.GUIDE_SECTION_RETITLED).fromTo(was.heading(), section.heading());
            }
            if (was.share() != section.share()) {
                return TrailNote.of(ChangeKind.GUIDE_SECTION_SIZED)
                        .subject(was.heading())
                        .fromTo("", section.share().name().toLowerCase(Locale.ROOT));
            }
            return TrailNote.of(ChangeKind.GUIDE_SECTION_NOTED).subject(was.heading());
        }
    }

    /** @param place 0 is the first */
    record MoveSection(SectionKind kind, int place) implements GuideChange {
        public MoveSection {
            if (place < 0 || place >= SectionKind.values().length) {
                throw new IllegalArgumentException(
                        "A guide has the places 0 to " + (SectionKind.values().length - 1) + " for sections");
            }
        }

        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.guide().moving(kind, place));
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.GUIDE_SECTION_MOVED)
                    .subject(before.guide().get(kind).heading())
                    .fromTo(String.valueOf(before.guide().placeOf(kind) + 1), String.valueOf(place + 1));
        }
    }

    record WordGuide(GuideWords words) implements GuideChange {
        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.guide().saying(words));
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.GUIDE_WORDED);
        }
    }

    record SetMood(List<MoodPicture> pictures, boolean byHand) implements GuideChange {
        public SetMood {
            pictures = List.copyOf(pictures);
        }

        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.guide().with(pictures, byHand));
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.GUIDE_MOOD_SET).count(pictures.size());
        }
    }
}
