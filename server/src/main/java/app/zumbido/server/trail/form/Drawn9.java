package app.zumbido.server.trail.form;

import app.zumbido.core.logos.Cutting;
import app.zumbido.core.logos.Drawn;
import app.zumbido.core.logos.IconShape;
import app.zumbido.core.logos.LogoForm;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonSubTypes.Type;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import java.util.UUID;

/** Where a form of a logo comes from. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "type")
@JsonSubTypes({
    @Type(name = "file", value = Drawn9.OfFile.class),
    @Type(name = "left-out", value = Drawn9.LeftOut.class),
    @Type(name = "cut-out", value = Drawn9.CutOut.class),
    @Type(name = "on-ground", value = Drawn9.OnGround.class),
    @Type(name = "initials", value = Drawn9.OfInitials.class)
})
sealed interface Drawn9 {
    Drawn drawn();

    static Drawn9 of(Drawn drawn) {
        if (drawn instanceof Drawn.OfFile file) {
            return new OfFile(file.source(), file.trimmed());
        }
        if (drawn instanceof Drawn.LeftOut left) {
            return new LeftOut(
                    left.of().name(), left.cuttings().stream().map(Cutting9::of).toList());
        }
        if (drawn instanceof Drawn.CutOut cut) {
            return new CutOut(cut.of().name(), Cutting9.of(cut.cutting()));
        }
        if (drawn instanceof Drawn.OnGround stands) {
            return new OnGround(
                    stands.of().name(),
                    Paint6.of(stands.ground()),
                    stands.shape().name());
        }
        Drawn.OfInitials initials = (Drawn.OfInitials) drawn;
        return new OfInitials(
                initials.letters(),
                Paint6.of(initials.ground()),
                initials.shape().name());
    }

    record OfFile(UUID source, boolean trimmed) implements Drawn9 {
        @Override
        public Drawn drawn() {
            return new Drawn.OfFile(source, trimmed);
        }
    }

    record LeftOut(String of, List<Cutting9> cuttings) implements Drawn9 {
        @Override
        public Drawn drawn() {
            return new Drawn.LeftOut(
                    LogoForm.valueOf(of),
                    cuttings.stream().map(Cutting9::cutting).toList());
        }
    }

    record CutOut(String of, Cutting9 cutting) implements Drawn9 {
        @Override
        public Drawn drawn() {
            return new Drawn.CutOut(LogoForm.valueOf(of), cutting.cutting());
        }
    }

    record OnGround(String of, Paint6 ground, String shape) implements Drawn9 {
        @Override
        public Drawn drawn() {
            return new Drawn.OnGround(LogoForm.valueOf(of), ground.paint(), IconShape.valueOf(shape));
        }
    }

    record OfInitials(String letters, Paint6 ground, String shape) implements Drawn9 {
        @Override
        public Drawn drawn() {
            return new Drawn.OfInitials(letters, ground.paint(), IconShape.valueOf(shape));
        }
    }

    /** In shares of the page. */
    record Cutting9(double x, double y, double width, double height) {
        static Cutting9 of(Cutting cutting) {
            return new Cutting9(cutting.x(), cutting.y(), cutting.width(), cutting.height());
        }

        Cutting cutting() {
            return new Cutting(x, y, width, height);
        }
    }
}
