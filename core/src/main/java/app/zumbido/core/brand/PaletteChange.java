package app.zumbido.core.brand;

import app.zumbido.core.color.Fraction;
import app.zumbido.core.color.Mix;
import app.zumbido.core.color.Rgb;
import app.zumbido.core.palette.MoodWord;
import app.zumbido.core.palette.Notes;
import app.zumbido.core.palette.Origin;
import app.zumbido.core.palette.Paint;
import app.zumbido.core.palette.Palette;
import app.zumbido.core.palette.PaletteOrder;
import app.zumbido.core.palette.Sighting;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import java.util.List;
import java.util.Optional;

/** What is done to swatches. */
public sealed interface PaletteChange extends Change {
    /** New swatches, and places where the colours of others were found again. */
    record AddSwatches(List<Swatch> swatches, List<Sighting> sightings) implements PaletteChange {
        public AddSwatches {
            swatches = List.copyOf(swatches);
            sightings = List.copyOf(sightings);
        }

        public static AddSwatches of(List<Swatch> swatches) {
            return new AddSwatches(swatches, List.of());
        }

        @Override
        public Brand applyTo(Brand brand) {
            Palette palette = brand.palette();
            for (Sighting sighting : sightings) {
                palette = palette.replacing(palette.get(sighting.swatch()).alsoFrom(sighting.origin()));
            }
            return brand.with(palette.with(swatches));
        }

        @Override
        public TrailNote note(Brand before) {
            if (swatches.isEmpty()) {
                return TrailNote.of(ChangeKind.SWATCHES_SEEN)
                        .about(before.palette().get(sightings.get(0).swatch()))
                        .fromTo("", sightings.get(0).origin().source())
                        .count(sightings.size());
            }
            return TrailNote.of(ChangeKind.SWATCHES_ADDED)
                    .about(swatches.get(0))
                    .count(swatches.size());
        }
    }

    record RenameSwatch(SwatchId id, String name) implements PaletteChange {
        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.palette().replacing(brand.palette().get(id).withName(name)));
        }

        @Override
        public TrailNote note(Brand before) {
            Swatch swatch = before.palette().get(id);
            return TrailNote.of(ChangeKind.SWATCH_RENAMED).about(swatch).fromTo(swatch.name(), name);
        }
    }

    /** @param origin where the new colour was taken from; nothing if it was typed, and the swatch's own stays */
    record RecolorSwatch(SwatchId id, Rgb color, Optional<Origin> origin) implements PaletteChange {
        @Override
        public Brand applyTo(Brand brand) {
            Swatch recolored = brand.palette().get(id).withColor(color);
            return brand.with(
                    brand.palette().replacing(origin.map(recolored::from).orElse(recolored)));
        }

        @Override
        public TrailNote note(Brand before) {
            Swatch swatch = before.palette().get(id);
            return TrailNote.of(ChangeKind.SWATCH_RECOLORED)
                    .about(swatch.withColor(color))
                    .fromTo(swatch.color().digits(), color.digits());
        }
    }

    /**
     * Mixes a swatch: lighter or darker, stronger or quieter, or turned towards its neighbour hue.
     *
     * @param lightness as {@link Mix} says; steps of a time when only that could be mixed speak of nothing else
     */
    record MixSwatch(SwatchId id, double lightness, double chroma, double hue) implements PaletteChange {
        public static MixSwatch by(SwatchId id, Mix mix) {
            return new MixSwatch(id, mix.lightness(), mix.chroma(), mix.hue());
        }

        private Rgb mixed(Swatch swatch) {
            return new Mix(lightness, chroma, hue).apply(swatch.color()).color();
        }

        @Override
        public Brand applyTo(Brand brand) {
            Swatch swatch = brand.palette().get(id);
            return brand.with(brand.palette().replacing(swatch.withColor(mixed(swatch))));
        }

        @Override
        public TrailNote note(Brand before) {
            Swatch swatch = before.palette().get(id);
            Rgb after = mixed(swatch);
            return TrailNote.of(kind())
                    .about(swatch.withColor(after))
                    .fromTo(swatch.color().digits(), after.digits());
        }

        private ChangeKind kind() {
            if (chroma == 0 && hue == 0) {
                return lightness < 0 ? ChangeKind.SWATCH_DARKENED : ChangeKind.SWATCH_LIGHTENED;
            }
            if (lightness == 0 && hue == 0) {
                return chroma < 0 ? ChangeKind.SWATCH_QUIETED : ChangeKind.SWATCH_STRENGTHENED;
            }
            return lightness == 0 && chroma == 0 ? ChangeKind.SWATCH_TURNED : ChangeKind.SWATCH_RECOLORED;
        }
    }

    record RemoveSwatch(SwatchId id) implements PaletteChange {
        @Override
        public Brand applyTo(Brand brand) {
            return brand.repainted(Paint.releasing(id, brand.palette())).without(id);
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.SWATCH_REMOVED)
                    .about(before.palette().get(id));
        }
    }

    /** @param index where it stands afterwards, 0 first */
    record MoveSwatch(SwatchId id, int index) implements PaletteChange {
        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.palette().moving(id, index));
        }

        @Override
        public boolean reorders() {
            return true;
        }

        @Override
        public TrailNote note(Brand before) {
            int from = before.palette().indexOf(id) + 1;
            int to = before.palette().moving(id, index).indexOf(id) + 1;
            return TrailNote.of(ChangeKind.SWATCH_MOVED)
                    .about(before.palette().get(id))
                    .fromTo(String.valueOf(from), String.valueOf(to));
        }
    }

    /**
     * Puts all swatches in an order.
     *
     * @param by which it is; for the trail
     * @param order every swatch once
     */
    record OrderSwatches(PaletteOrder by, List<SwatchId> order) implements PaletteChange {
        public OrderSwatches {
            order = List.copyOf(order);
        }

        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.palette().inOrder(order));
        }

        @Override
        public boolean reorders() {
            return true;
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.SWATCHES_ORDERED).subject(by.name()).count(order.size());
        }
    }

    /**
     * Makes two swatches one: what followed the one that leaves follows the other.
     *
     * @param gone leaves the palette
     */
    record MergeSwatches(SwatchId kept, SwatchId gone) implements PaletteChange {
        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.palette().gathering(kept, gone))
                    .repainted(Paint.moving(gone, kept))
                    .without(gone);
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.SWATCHES_MERGED)
                    .about(before.palette().get(kept))
                    .fromTo(
                            before.palette().get(gone).name(),
                            before.palette().get(kept).name());
        }
    }

    record NoteSwatch(SwatchId id, Notes notes) implements PaletteChange {
        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.palette().replacing(brand.palette().get(id).withNotes(notes)));
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.SWATCH_NOTED)
                    .about(before.palette().get(id))
                    .fromTo(before.palette().get(id).notes().spotInk(), notes.spotInk());
        }
    }

    /** A swatch on the ladder of another keeps its colour and follows it no more. */
    record FreeSwatch(SwatchId id) implements PaletteChange {
        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.palette().replacing(brand.palette().get(id).onItsOwn()));
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.SWATCH_FREED).about(before.palette().get(id));
        }
    }

    /** Brings a mood into all that follow nothing; the others follow. */
    record ApplyMood(MoodWord word, double amount) implements PaletteChange {
        @Override
        public Brand applyTo(Brand brand) {
            Palette palette = brand.palette();
            for (Swatch swatch : brand.palette().swatches()) {
                Rgb color = word.apply(swatch.color(), Fraction.of(amount));
                if (swatch.step().isEmpty() && !color.equals(swatch.color())) {
                    palette = palette.replacing(swatch.withColor(color));
                }
            }
            return brand.with(palette);
        }

        @Override
        public TrailNote note(Brand before) {
            long changed = applyTo(before).palette().swatches().stream()
                    .filter(swatch -> !before.palette().get(swatch.id()).color().equals(swatch.color()))
                    .count();
            return TrailNote.of(ChangeKind.MOOD_APPLIED).subject(word.name()).count((int) changed);
        }
    }

    /** @param remark its key */
    record PutRemarkAside(String remark, boolean aside) implements PaletteChange {
        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.palette().puttingAside(remark, aside));
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(aside ? ChangeKind.REMARK_PUT_ASIDE : ChangeKind.REMARK_BROUGHT_BACK);
        }
    }
}
