package app.zumbido.core.extraction;

import app.zumbido.core.color.Oklab;
import app.zumbido.core.color.Rgb;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Which of a few colours a pixel belongs to: itself if it is one of them, else the nearest in OKLab. */
final class Nearest {
    /** An answer is kept in a byte. */
    static final int MOST = Byte.MAX_VALUE;

    private static final byte UNKNOWN = -1;

    private final List<Oklab> labs;
    private final Map<Integer, Integer> exact = new HashMap<>();
    private int lastRgb = UNKNOWN;
    private int lastIndex = UNKNOWN;
    /** Answers for everything that is not exact, at 5 bits a channel: nearness needs no more. */
    private final byte[] coarse = new byte[1 << 15];

    /** @param colors at most {@link #MOST} */
    Nearest(List<Rgb> colors) {
        labs = colors.stream().map(Oklab::of).toList();
        for (int i = 0; i < colors.size(); i++) {
            exact.putIfAbsent(colors.get(i).packed(), i);
        }
        Arrays.fill(coarse, UNKNOWN);
    }

    /** @return index of exactly this colour, or -1 */
    int exactIndexOf(int argb) {
        int rgb = argb & 0xFFFFFF;
        // Pixels come in runs of one colour.
        if (rgb != lastRgb) {
            Integer hit = exact.get(rgb);
            lastRgb = rgb;
            lastIndex = hit == null ? UNKNOWN : hit;
        }
        return lastIndex;
    }

    /** @return whichever of two indices is nearer to the colour; one may be -1 for none */
    int nearerOf(int argb, int one, int other) {
        if (one == UNKNOWN) {
            return other;
        }
        Oklab lab = Oklab.of(Rgb.ofPacked(argb));
        return lab.distanceTo(labs.get(one)) <= lab.distanceTo(labs.get(other)) ? one : other;
    }

    /** @return index of the nearest colour */
    int indexOf(int argb) {
        int rgb = argb & 0xFFFFFF;
        int key = rgb >> 9 & 0x7C00 | rgb >> 6 & 0x3E0 | rgb >> 3 & 0x1F;
        if (coarse[key] == UNKNOWN) {
            coarse[key] = (byte) nearest(Oklab.of(Rgb.ofPacked(rgb & 0xF8F8F8 | 0x040404)));
        }
        return coarse[key];
    }

    private int nearest(Oklab lab) {
        int best = 0;
        for (int i = 1; i < labs.size(); i++) {
            if (lab.distanceTo(labs.get(i)) < lab.distanceTo(labs.get(best))) {
                best = i;
            }
        }
        return best;
    }
}
