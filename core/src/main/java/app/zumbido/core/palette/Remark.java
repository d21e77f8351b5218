package app.zumbido.core.palette;

import app.zumbido.core.color.Print;
import java.util.List;

/** Something about a palette that is perhaps not as it should be. Each has a remedy, or can be put aside. */
public sealed interface Remark {
    /** @return what it is put aside by; the same as long as it speaks of the same swatches */
    String key();

    /**
     * Two that are hardly told apart; the remedy makes them one.
     *
     * @param difference ΔE00
     */
    record NearlyTheSame(Swatch kept, Swatch other, double difference) implements Remark {
        @Override
        public String key() {
            return "nearly-the-same " + kept.id() + " " + other.id();
        }
    }

    /**
     * More in the core than people remember; the remedy moves the last ones to the extended group.
     *
     * @param surplus the last ones
     */
    record TooMany(int count, List<Swatch> surplus) implements Remark {
        public TooMany {
            surplus = List.copyOf(surplus);
        }

        @Override
        public String key() {
            return "too-many";
        }
    }

    /** Too few for a brand; the remedy proposes what is missing. */
    record TooFew(int count) implements Remark {
        @Override
        public String key() {
            return "too-few";
        }
    }

    /** None that body text could be set in; the remedy proposes one. */
    record NoNeutral() implements Remark {
        @Override
        public String key() {
            return "no-neutral";
        }
    }

    /** Nobody sees it on white without an outline; whatever draws it gives it one. */
    record NeedsOutline(Swatch swatch) implements Remark {
        @Override
        public String key() {
            return "needs-outline " + swatch.id();
        }
    }

    /** The press does not reach it; the remedy is the nearest that it can print. */
    record BeyondPress(Swatch swatch, Print print) implements Remark {
        @Override
        public String key() {
            return "beyond-press " + swatch.id();
        }
    }

    /** So nearly black that text in it is printed with the black ink alone, since four plates never meet exactly. */
    record BlackAlone(Swatch swatch) implements Remark {
        @Override
        public String key() {
            return "black-alone " + swatch.id();
        }
    }
}
