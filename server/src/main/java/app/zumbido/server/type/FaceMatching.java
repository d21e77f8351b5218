package app.zumbido.server.type;

import app.zumbido.core.image.Pixels;
import app.zumbido.core.type.match.DrawnWord;
import app.zumbido.core.type.match.FaceRanking;
import app.zumbido.core.type.match.FaceRanking.Ranked;
import app.zumbido.core.type.match.Laid;
import app.zumbido.formats.fonts.FaceDrawer;
import app.zumbido.formats.fonts.FontFace;
import app.zumbido.server.type.FaceMatchController.MarkedWordRequest;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Compares a word of a picture with the same word in every face at hand. */
@Service
class FaceMatching {
    private static final int MOST_MATCHES = 12;
    private static final int MOST_LAID_OVER = 5;
    /** A distance at which nothing is alike any more. */
    private static final double NOTHING_ALIKE = 0.25;

    private final Fonts fonts;
    private final PicturedWords pictures;
    /** Outlines that were drawn once. */
    private final Cache<FontFace, FaceDrawer> drawers =
            Caffeine.newBuilder().weakKeys().build();

    FaceMatching(Fonts fonts, PicturedWords pictures) {
        this.fonts = fonts;
        this.pictures = pictures;
    }

    /** @param distance 0 is the same, 1 nothing in common */
    record Match(FaceAtHand face, double distance, @Nullable String outline) {
        double likeness() {
            return Math.max(0, 1 - distance / NOTHING_ALIKE);
        }
    }

    /** @return the nearest face of each family, best first @throws TypeException if there is no word to be seen */
    List<Match> match(UUID brandId, UUID sourceId, MarkedWordRequest request) {
        Pixels part = pictures.part(brandId, sourceId, request.x(), request.y(), request.width(), request.height());
        DrawnWord word = DrawnWord.in(part)
                .orElseThrow(() -> new TypeException(
                        "There is no word in that part; mark it closely, with a little of its ground around it"));
        String text = request.text().strip();
        Map<FaceAtHand, FaceDrawer> faces = new LinkedHashMap<>();
        fonts.at(brandId).forEach(face -> faces.put(face, drawers.get(face.font(), FaceDrawer::new)));
        Set<String> families = new HashSet<>();
        List<Match> matches = new ArrayList<>();
        for (Ranked<FaceAtHand> ranked : FaceRanking.of(word, text, faces)) {
            FaceAtHand face = ranked.face();
            if (matches.size() < MOST_MATCHES && families.add(face.face().family())) {
                FaceDrawer drawer = faces.get(face);
                boolean laid = matches.size() < MOST_LAID_OVER && drawer.has(text.replace(" ", ""));
                matches.add(new Match(
                        face, ranked.distance(), laid ? drawer.path(text, Laid.over(word, text, drawer)) : null));
            }
        }
        return matches;
    }
}
