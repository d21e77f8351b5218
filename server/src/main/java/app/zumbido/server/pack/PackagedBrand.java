package app.zumbido.server.pack;

import app.zumbido.server.trail.RecordedBrand;
import java.util.List;

/** A brand of a package with the lists of its sources and of its own fonts; the files themselves lie beside it. */
interface PackagedBrand extends RecordedBrand {
    List<SourceRecord> sources();

    List<FontRecord> fonts();

    List<PlaceRecord> places();
}
