package app.zumbido.server.type;

import app.zumbido.core.type.FontFamily;
import app.zumbido.core.type.match.WordMatch;
import app.zumbido.server.http.PlainName;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Which face a word of a picture is set in: a guess, from the shapes of its letters. */
@RestController
@RequestMapping("/api/brands/{id}/sources/{sid}/faces")
class FaceMatchController {
    private final FaceMatching matching;

    FaceMatchController(FaceMatching matching) {
        this.matching = matching;
    }

    @PostMapping
    FaceMatchesResponse match(
            @PathVariable UUID id, @PathVariable UUID sid, @Valid @RequestBody MarkedWordRequest request) {
        List<FaceMatching.Match> matches = matching.match(id, sid, request);
        boolean none = matches.isEmpty() || matches.get(0).distance() > WordMatch.NONE_OF_THEM;
        return new FaceMatchesResponse(
                none, matches.stream().map(FaceMatchResponse::of).toList());
    }

    /**
     * A part of the picture with one word in it, in upright pixels.
     *
     * @param text its letters as they are drawn, capitals as capitals
     */
    record MarkedWordRequest(
            @Min(0) int x,
            @Min(0) int y,
            @Min(1) @Max(20_000) int width,
            @Min(1) @Max(20_000) int height,

            @NotNull @PlainName(max = FontFamily.LONGEST_NAME)
            String text) {}

    /** @param none whether no face is near, so that it is probably none of them @param matches a face of each family, best first */
    record FaceMatchesResponse(boolean none, List<FaceMatchResponse> matches) {}

    /**
     * @param id of the face
     * @param style 'normal' or 'italic'
     * @param likeness 1 for the same shapes, 0 for nothing in common
     * @param outline its letters laid over the word, as path data in pixels of the marked part; only of the best ones
     */
    record FaceMatchResponse(
            String id,
            String family,
            String style,
            int weight,
            double likeness,
            @Nullable String outline) {
        static FaceMatchResponse of(FaceMatching.Match match) {
            return new FaceMatchResponse(
                    match.face().id(),
                    match.face().face().family(),
                    match.face().face().italic() ? "italic" : "normal",
                    match.face().face().weight(),
                    match.likeness(),
                    match.outline());
        }
    }
}
