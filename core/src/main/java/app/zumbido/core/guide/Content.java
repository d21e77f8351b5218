package app.zumbido.core.guide;

import java.util.List;

/** What a section has to say. */
public sealed interface Content {
    record Filled(List<Block> blocks) implements Content {
        public Filled {
            blocks = List.copyOf(blocks);
        }
    }

    /** @param reason what is missing, and where it is given */
    record Nothing(String reason) implements Content {}
}
