package app.zumbido.core.brand;

import app.zumbido.core.contrast.ComposedGround;
import app.zumbido.core.contrast.PairRule;
import app.zumbido.core.palette.Paint;
import java.util.UUID;

/** What is decided about what may stand on what. */
public sealed interface GroundChange extends Change {
    record RulePair(PairRule rule) implements GroundChange {
        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.grounds().with(rule));
        }

        @Override
        public TrailNote note(Brand before) {
            ChangeKind kind = switch (rule.kind()) {
                case NARROWED -> ChangeKind.PAIR_NARROWED;
                case LEFT -> ChangeKind.PAIR_LEFT;
                case ALLOWED -> ChangeKind.PAIR_ALLOWED;
            };
            return TrailNote.of(kind)
                    .subject(rule.reason())
                    .fromTo(name(rule.text(), before), name(rule.ground(), before));
        }
    }

    /** Takes back what was decided about a pair. */
    record FreePair(Paint text, Paint ground) implements GroundChange {
        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.grounds().without(text, ground));
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.PAIR_FREED).fromTo(name(text, before), name(ground, before));
        }
    }

    /** Makes a ground part of the brand, or puts it in the place of the one of its id. */
    record KeepGround(ComposedGround ground) implements GroundChange {
        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.grounds().with(ground));
        }

        @Override
        public TrailNote note(Brand before) {
            boolean known = before.grounds().find(ground.id()).isPresent();
            return TrailNote.of(known ? ChangeKind.GROUND_CHANGED : ChangeKind.GROUND_KEPT)
                    .subject(ground.name());
        }
    }

    record DropGround(UUID id) implements GroundChange {
        @Override
        public Brand applyTo(Brand brand) {
            return brand.with(brand.grounds().without(id));
        }

        @Override
        public TrailNote note(Brand before) {
            return TrailNote.of(ChangeKind.GROUND_DROPPED)
                    .subject(before.grounds().find(id).map(ComposedGround::name).orElse(""));
        }
    }

    /** @return what the palette calls it, or its six digits */
    private static String name(Paint paint, Brand brand) {
        return paint instanceof Paint.OfSwatch swatch
                ? brand.palette().get(swatch.swatch()).name()
                : paint.resolve(brand.palette()).digits();
    }
}
