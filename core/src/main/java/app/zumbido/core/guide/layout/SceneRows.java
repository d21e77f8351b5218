package app.zumbido.core.guide.layout;

import app.zumbido.core.guide.Block;
import app.zumbido.core.guide.Block.Scene;
import app.zumbido.core.guide.MoodPicture.Crop;
import java.util.ArrayList;
import java.util.List;

/** Gradients and pictures with what is laid over them, and text upon it. */
final class SceneRows {
    /** In sizes of text: so wide a place holds two of them. */
    private static final double TWO = 44;

    private static final double LEAST_HEIGHT = 6.4;

    private SceneRows() {}

    static List<Part> of(Block.Scenes scenes, Setting setting) {
        int columns = setting.width() >= setting.base() * TWO && scenes.scenes().size() > 1 ? 2 : 1;
        return Grid.rows(scenes.scenes(), columns, setting, (scene, width) -> scene(scene, width, setting));
    }

    private static Part scene(Scene scene, double width, Setting setting) {
        double padding = setting.base() * 1.1;
        double inner = width - 2 * padding;
        Part name = Lines.set(Tag.P, scene.name(), setting.heading(1.4), scene.ink(), padding, padding, inner, setting);
        Part words = Lines.set(
                Tag.P,
                scene.words(),
                setting.small(),
                scene.ink(),
                padding,
                name.box().bottom() + padding * 0.2,
                inner,
                setting);
        double height = Math.max(setting.base() * LEAST_HEIGHT, words.box().bottom() + padding);
        Box box = new Box(0, 0, width, height);
        Mark under = scene.under()
                .<Mark>match(
                        along -> new Mark.Ramp(box, along.stops(), along.radial(), along.angle()),
                        over -> new Mark.Picture(
                                box, over.source(), cover(over.ratio(), width / height), scene.overlay()));
        List<Part> parts = new ArrayList<>(List.of(name, words));
        return new Part(
                Tag.FIGURE,
                box,
                List.of(under),
                parts,
                scene.name() + ": " + scene.words(),
                java.util.Optional.empty());
    }

    /** @return the middle of a picture, in the shape of its place */
    static Crop cover(double picture, double place) {
        return picture > place
                ? new Crop((1 - place / picture) / 2, 0, place / picture, 1)
                : new Crop(0, (1 - picture / place) / 2, 1, picture / place);
    }
}
