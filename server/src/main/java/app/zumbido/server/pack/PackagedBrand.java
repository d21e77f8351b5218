package app.zumbido.server.pack;

import app.zumbido.server.trail.RecordedBrand;
import java.util.List;

/** A brand of a package with the list of its sources; the files themselves lie beside it. */
interface PackagedBrand extends RecordedBrand {
    List<SourceRecord> sources();
}
