package app.zumbido.server.delivery;

import app.zumbido.core.brand.Look;
import app.zumbido.core.handover.OpenPoint;
import app.zumbido.core.type.TypeRole;
import app.zumbido.server.type.SetFaces;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Looks what is to be looked at before a brand goes out: in the brand, among its fonts, and on the shelf. */
@Component
class OpenPoints {
    private final HandedOverMapper mapper;
    private final SetFaces faces;

    OpenPoints(HandedOverMapper mapper, SetFaces faces) {
        this.mapper = mapper;
        this.faces = faces;
    }

    List<OpenPointResponse> of(Look look) {
        Set<String> families = Arrays.stream(TypeRole.values())
                .filter(role -> faces.letters(look.brand(), role).isPresent())
                .map(role -> look.brand().type().get(role).family())
                .collect(Collectors.toSet());
        List<OpenPoint.Foreign> foreign = mapper.foreign(look.brand().id()).stream()
                .map(HandedOverMapper.ForeignColor::color)
                .toList();
        return OpenPoint.of(look, families, foreign).stream()
                .map(point -> OpenPointResponse.of(point, look.palette()))
                .toList();
    }
}
