package app.zumbido.core.guide;

import java.util.ArrayList;
import java.util.List;

/** A section with all that stands in it, ready to be laid out. */
public record Chapter(GuideSection section, List<Block> blocks) {
    public Chapter {
        blocks = List.copyOf(blocks);
    }

    /** @return the beginning of it: up to the first heading within, and of several rows of logos the first */
    public Chapter inShort() {
        List<Block> kept = new ArrayList<>();
        for (Block block : blocks) {
            boolean further =
                    block instanceof Block.LogoTiles && kept.stream().anyMatch(Block.LogoTiles.class::isInstance);
            if (block instanceof Block.Subtitle || further) {
                break;
            }
            kept.add(block);
        }
        return new Chapter(section, kept);
    }
}
