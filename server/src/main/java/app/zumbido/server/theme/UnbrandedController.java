package app.zumbido.server.theme;

import app.zumbido.core.brand.Brand;
import app.zumbido.server.answer.SpecimenResponse;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What everything looks like before anybody has decided anything. */
@RestController
class UnbrandedController {
    private static final UUID NOBODY = new UUID(0, 0);

    @GetMapping("/api/specimen")
    SpecimenResponse unbranded() {
        return SpecimenResponse.of(
                Brand.begin(NOBODY, "Unbranded", Optional.empty(), NOBODY).look());
    }
}
