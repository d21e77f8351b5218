package app.zumbido.formats.image;

import app.zumbido.formats.image.UnreadableImageException.Reason;

/**
 * Counts how often a JPEG goes over its picture. The decoder does so as often as the file says, a few bytes each, and hears
 * nobody meanwhile. Source: ITU-T T.81, B.1.1 (markers), B.2.3 (scans).
 */
final class JpegScans {
    /** Programs write about ten; common practice, no published source. */
    private static final int MOST = 100;

    private static final int ESCAPE = 0xFF;
    private static final int TEMPORARY = 0x01;
    private static final int FIRST_RESTART = 0xD0;
    private static final int LAST_RESTART = 0xD7;
    private static final int END = 0xD9;
    private static final int START_OF_SCAN = 0xDA;

    private JpegScans() {}

    /** @throws UnreadableImageException if there are too many */
    static void check(byte[] file) {
        int scans = 0;
        int at = 2;
        while (at + 3 < file.length) {
            int marker = file[at + 1] & 0xFF;
            if ((file[at] & 0xFF) != ESCAPE || marker == 0 || marker == ESCAPE) {
                // What is coded, or fills up.
                at++;
            } else if (marker == END) {
                break;
            } else if (marker == TEMPORARY || marker >= FIRST_RESTART && marker <= LAST_RESTART) {
                at += 2;
            } else {
                scans += marker == START_OF_SCAN ? 1 : 0;
                at += 2 + Math.max(2, (file[at + 2] & 0xFF) << 8 | file[at + 3] & 0xFF);
            }
        }
        if (scans > MOST) {
            throw new UnreadableImageException(
                    Reason.TOO_SLOW,
                    "The JPEG picture goes over itself " + scans
                            + " times; save it anew, not progressive, and take that in");
        }
    }
}
