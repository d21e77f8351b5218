package app.zumbido.server.type;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.type.CommonFamily;
import app.zumbido.core.type.Face;
import app.zumbido.core.type.FontFamily;
import app.zumbido.core.type.FontSet;
import app.zumbido.core.type.Language;
import app.zumbido.core.type.Lettering;
import app.zumbido.core.type.PairProposal;
import app.zumbido.core.type.Place;
import app.zumbido.core.type.RunningText;
import app.zumbido.core.type.TypeRemark;
import app.zumbido.core.type.TypeRole;
import app.zumbido.server.answer.TypeResponse.LetteringResponse;
import app.zumbido.server.trail.BrandKeeper;
import app.zumbido.server.type.TypeStationResponse.RoleOfTypeResponse;
import app.zumbido.server.type.TypeStationResponse.StandInResponse;
import app.zumbido.server.type.TypeStationResponse.TypeRemarkResponse;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Says of the faces that a brand chose what others will see and what is worth knowing. */
@Service
class TypeService {
    private static final int MOST_PAIRS = 12;
    private static final int MOST_STAND_INS = 8;

    private final BrandKeeper keeper;
    private final Fonts fonts;
    private final ShippedMeasures shipped;

    TypeService(BrandKeeper keeper, Fonts fonts, ShippedMeasures shipped) {
        this.keeper = keeper;
        this.fonts = fonts;
        this.shipped = shipped;
    }

    TypeStationResponse station(UUID brandId) {
        Brand brand = keeper.load(brandId).brand();
        FontSet type = brand.type();
        List<FaceAtHand> all = fonts.at(brandId);
        Map<String, TypeRemark.AtHand> atHand = new HashMap<>();
        type.roles()
                .values()
                .forEach(lettering -> Fonts.nearest(all, lettering)
                        .ifPresent(face -> atHand.putIfAbsent(lettering.family(), face.forRemarks())));
        Language language = RunningText.measuring(type.languages());
        return new TypeStationResponse(
                role(type.get(TypeRole.HEADING), all, language),
                role(type.get(TypeRole.SUBHEADING), all, language),
                role(type.get(TypeRole.BODY), all, language),
                type.logo().map(logo -> role(logo, all, language)).orElse(null),
                type.languages().stream().map(Language::code).toList(),
                language.code(),
                TypeRemark.of(type, brand.name(), atHand).stream()
                        .map(TypeRemarkResponse::of)
                        .toList());
    }

    private RoleOfTypeResponse role(Lettering lettering, List<FaceAtHand> all, Language language) {
        Optional<FaceAtHand> face = Fonts.nearest(all, lettering);
        List<StandInResponse> standIns = new ArrayList<>();
        face.ifPresent(one -> {
            for (Place place : Place.values()) {
                shipped.standIns()
                        .of(lettering, one.face(), place, language)
                        .map(standIn -> StandInResponse.of(standIn, shows(standIn.face(), all)))
                        .ifPresent(standIns::add);
            }
        });
        return new RoleOfTypeResponse(
                LetteringResponse.of(lettering),
                face.map(FaceAtHand::id).orElse(null),
                face.map(FaceAtHand::embedding).orElse(null),
                standIns);
    }

    /** @return the best for a place, those that are alike first; none where the face is not at hand */
    List<StandInResponse> standIns(UUID brandId, TypeRole role, Place place) {
        FontSet type = keeper.load(brandId).brand().type();
        Language language = RunningText.measuring(type.languages());
        List<FaceAtHand> all = fonts.at(brandId);
        Lettering lettering = type.get(role);
        Optional<FaceAtHand> face = Fonts.nearest(all, lettering);
        if (face.isEmpty()) {
            return List.of();
        }
        return shipped.standIns().ranked(face.get().face(), place, language).stream()
                .limit(MOST_STAND_INS)
                .map(standIn -> StandInResponse.of(standIn, shows(standIn.face(), all)))
                .toList();
    }

    private static @Nullable String shows(Face face, List<FaceAtHand> all) {
        String family =
                CommonFamily.named(face.family()).flatMap(CommonFamily::twin).orElse(face.family());
        return all.stream()
                .filter(one -> one.face().family().equals(family))
                .min((one, other) -> Integer.compare(
                        one.face().distanceTo(face.weight(), face.italic()),
                        other.face().distanceTo(face.weight(), face.italic())))
                .map(FaceAtHand::id)
                .orElse(null);
    }

    /** @return pairs for somebody who has none; families that only stand in for common ones are left out */
    List<PairProposal> pairs() {
        Set<String> twins = Set.copyOf(CommonFamily.all().stream()
                .flatMap(family -> family.twin().stream())
                .toList());
        Predicate<Face> proposed =
                face -> face.weight() == Lettering.REGULAR && !face.italic() && !twins.contains(face.family());
        return PairProposal.among(
                fonts.at(null).stream()
                        .filter(one -> one.origin() == FaceAtHand.Origin.SHIPPED)
                        .map(FaceAtHand::face)
                        .filter(proposed)
                        .toList(),
                MOST_PAIRS);
    }

    FontFamily family(UUID brandId, String name) {
        return fonts.family(brandId, name);
    }
}
