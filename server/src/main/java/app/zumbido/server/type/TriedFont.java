package app.zumbido.server.type;

import app.zumbido.formats.fonts.FontFace;
import app.zumbido.formats.fonts.FontFile;
import app.zumbido.formats.fonts.UnreadableFontException;
import app.zumbido.server.workshop.Task;
import java.io.Serializable;
import java.lang.ref.Reference;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Reads a font. It tells whether that comes to an end, and how much of the memory the font holds then. */
record TriedFont(byte[] file) implements Task<TriedFont.Found> {
    /**
     * @param reason why it cannot be read; nothing if it can
     * @param held by its faces, in bytes
     */
    record Found(UnreadableFontException.@Nullable Reason reason, String message, long held) implements Serializable {}

    @Override
    public Found run() {
        long before = inUse();
        try {
            List<FontFace> faces = FontFile.read(file);
            long held = inUse() - before;
            Reference.reachabilityFence(faces);
            return new Found(null, "", held);
        } catch (UnreadableFontException e) {
            return new Found(e.reason(), String.valueOf(e.getMessage()), 0);
        }
    }

    private static long inUse() {
        Runtime runtime = Runtime.getRuntime();
        runtime.gc();
        return runtime.totalMemory() - runtime.freeMemory();
    }
}
