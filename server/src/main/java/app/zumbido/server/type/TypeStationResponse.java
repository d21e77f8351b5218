package app.zumbido.server.type;

import app.zumbido.core.type.Embedding;
import app.zumbido.core.type.Language;
import app.zumbido.core.type.Place;
import app.zumbido.core.type.StandIn;
import app.zumbido.core.type.TypeRemark;
import app.zumbido.server.answer.TypeResponse.LetteringResponse;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How a brand is set, with what others will see.
 *
 * @param logo only where the logo has a face of its own
 * @param measuredIn the language that lines are measured in
 */
record TypeStationResponse(
        RoleOfTypeResponse heading,
        RoleOfTypeResponse subheading,
        RoleOfTypeResponse body,
        @Nullable RoleOfTypeResponse logo,
        List<String> languages,
        String measuredIn,
        List<TypeRemarkResponse> remarks) {

    /**
     * @param fontId the face that it is shown in; absent: nobody gave a file of it
     * @param embedding what that file permits
     * @param standIns one for each place; none where the face is not at hand
     */
    record RoleOfTypeResponse(
            @JsonUnwrapped LetteringResponse lettering,
            @Nullable String fontId,
            @Nullable Embedding embedding,
            List<StandInResponse> standIns) {}

    /**
     * What is seen where the font is missing.
     *
     * @param likeness 1 for the same, 0 for nothing in common
     * @param longer how much longer a line gets, as a fraction; negative: shorter
     * @param size that makes lines equally long, as a fraction of the size asked for
     * @param evidence how its measures are known
     * @param shipped whether it is one of ours, which others have to install
     * @param chosen whether somebody chose it
     * @param fontId a face that shows how it looks: its own, or the open one of the same metrics; absent: there is none
     */
    record StandInResponse(
            Place place,
            String family,
            double likeness,
            double longer,
            double size,
            StandIn.Evidence evidence,
            boolean shipped,
            boolean chosen,
            @Nullable String fontId) {
        static StandInResponse of(StandIn standIn, @Nullable String fontId) {
            return new StandInResponse(
                    standIn.place(),
                    standIn.face().family(),
                    standIn.likeness(),
                    standIn.longer(),
                    standIn.size(),
                    standIn.evidence(),
                    standIn.evidence() == StandIn.Evidence.MEASURED,
                    standIn.chosen(),
                    fontId);
        }
    }

    /** What is remarked. */
    enum RemarkKind {
        MANY_FACES,
        NEARLY_ALIKE,
        SHARED_X_HEIGHT,
        LACKS_LETTERS,
        MAY_NOT_BE_EMBEDDED,
        NOT_AT_HAND
    }

    /**
     * @param families that it is about
     * @param letters that are missing
     * @param language that needs them; absent: the brand's name does
     * @param apart how far x-heights lie apart, as a fraction
     * @param count of faces
     */
    record TypeRemarkResponse(
            RemarkKind kind,
            List<String> families,
            @Nullable String letters,
            @Nullable String language,
            @Nullable Embedding embedding,
            @Nullable Double apart,
            @Nullable Integer count) {
        static TypeRemarkResponse of(TypeRemark remark) {
            if (remark instanceof TypeRemark.ManyFaces many) {
                return new TypeRemarkResponse(RemarkKind.MANY_FACES, List.of(), null, null, null, null, many.count());
            }
            if (remark instanceof TypeRemark.NearlyAlike alike) {
                return about(RemarkKind.NEARLY_ALIKE, alike.one(), alike.other());
            }
            if (remark instanceof TypeRemark.SharedXHeight shared) {
                return new TypeRemarkResponse(
                        RemarkKind.SHARED_X_HEIGHT,
                        List.of(shared.heading(), shared.body()),
                        null,
                        null,
                        null,
                        shared.apart(),
                        null);
            }
            if (remark instanceof TypeRemark.LacksLetters lacks) {
                return new TypeRemarkResponse(
                        RemarkKind.LACKS_LETTERS,
                        List.of(lacks.family()),
                        lacks.letters(),
                        lacks.language().map(Language::code).orElse(null),
                        null,
                        null,
                        null);
            }
            if (remark instanceof TypeRemark.MayNotBeEmbedded may) {
                return new TypeRemarkResponse(
                        RemarkKind.MAY_NOT_BE_EMBEDDED, List.of(may.family()), null, null, may.embedding(), null, null);
            }
            return about(RemarkKind.NOT_AT_HAND, ((TypeRemark.NotAtHand) remark).family());
        }

        private static TypeRemarkResponse about(RemarkKind kind, String... families) {
            return new TypeRemarkResponse(kind, List.of(families), null, null, null, null, null);
        }
    }
}
