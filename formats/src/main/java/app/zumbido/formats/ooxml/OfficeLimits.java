package app.zumbido.formats.ooxml;

import org.apache.poi.openxml4j.util.ZipSecureFile;

/** What the library takes of a file from outside. */
final class OfficeLimits {
    /** The library's default refuses files that merely have a long even part. */
    private static final double LEAST_INFLATE_RATIO = 0.001;

    private OfficeLimits() {}

    /** Before a file is opened; files have been unpacked under limits of our own by then. */
    static void set() {
        ZipSecureFile.setMinInflateRatio(LEAST_INFLATE_RATIO);
    }
}
