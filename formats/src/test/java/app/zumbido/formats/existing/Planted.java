package app.zumbido.formats.existing;

import app.zumbido.core.inspect.check.FaultKind;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** A file with faults that somebody has put into it, and where. */
final class Planted {
    /**
     * @param page 1 first
     * @param along kinds that cannot be had without them: a colour from elsewhere on two boxes that clash
     */
    record Plant(FaultKind kind, int page, Set<FaultKind> along) {}

    private final List<Plant> plants = new ArrayList<>();
    private byte[] file = new byte[0];

    void plant(FaultKind kind, int page, FaultKind... along) {
        Set<FaultKind> others = EnumSet.noneOf(FaultKind.class);
        others.addAll(List.of(along));
        plants.add(new Plant(kind, page, others));
    }

    List<Plant> plants() {
        return plants;
    }

    byte[] file() {
        return file;
    }

    Planted as(byte[] bytes) {
        file = bytes;
        return this;
    }
}
