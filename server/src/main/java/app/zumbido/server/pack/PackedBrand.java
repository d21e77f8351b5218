package app.zumbido.server.pack;

import app.zumbido.server.trail.BrandRecord;
import java.util.List;

/** A brand of a package with the list of its sources; the files themselves lie beside it. */
record PackedBrand(BrandRecord brand, List<SourceRecord> sources) {
    PackedBrand {
        sources = List.copyOf(sources);
    }
}
