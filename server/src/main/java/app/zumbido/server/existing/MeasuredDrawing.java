package app.zumbido.server.existing;

import app.zumbido.formats.recolor.GraphicFile;
import app.zumbido.server.workshop.Task;

/** Measures the areas of a drawing. It tells whether that comes to an end. */
record MeasuredDrawing(byte[] file) implements Task<Integer> {
    /** @return how wide it is */
    @Override
    public Integer run() {
        return GraphicFile.open(file).width();
    }
}
