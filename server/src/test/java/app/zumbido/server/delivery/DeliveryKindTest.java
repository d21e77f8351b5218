package app.zumbido.server.delivery;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.core.brand.Brand;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DeliveryKindTest {
    @ParameterizedTest
    @CsvSource({
        "Ostrel Ferries, ostrel-ferries-16x9.potx",
        "Föhr & Söhne, fohr-sohne-16x9.potx",
        "'../../etc/passwd', etc-passwd-16x9.potx",
        "'CON: <x>', con-x-16x9.potx",
        "'!!!', brand-16x9.potx",
        "蓝, 蓝-16x9.potx"
    })
    void namesTheFileSoThatEverySystemTakesIt(String name, String file) {
        Brand brand = Brand.begin(new UUID(0, 1), name, Optional.empty(), new UUID(0, 2));
        assertThat(DeliveryKind.PRESENTATION_WIDE.fileName(brand)).isEqualTo(file);
    }

    @Test
    void isFoundByTheLastPartOfItsAddress() {
        assertThat(DeliveryKind.ofPath("presentation-wide")).contains(DeliveryKind.PRESENTATION_WIDE);
        assertThat(DeliveryKind.ofPath("PRESENTATION_WIDE")).isEmpty();
    }
}
