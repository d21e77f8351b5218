package app.zumbido.server.storage;

import java.util.Set;

/** Somebody who needs files of the blob store. */
public interface BlobHolder {
    /** @return names of the files that must stay */
    Set<String> heldBlobs();
}
