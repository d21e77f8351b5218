package app.zumbido.server.delivery;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;

import app.zumbido.core.brand.Brand;
import app.zumbido.formats.delivery.DeliveryWriter;
import app.zumbido.formats.layouts.SlideSize;
import app.zumbido.formats.office.slides.PresentationTemplate;
import app.zumbido.server.logos.BrandLogos;
import app.zumbido.server.type.SetFaces;
import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DeliveriesTest {
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
        assertThat(Deliveries.fileName(new PresentationTemplate(SlideSize.WIDE), brand.look()))
                .isEqualTo(file);
    }

    @Test
    void isFoundByTheLastPartOfItsAddress() {
        Deliveries deliveries = new Deliveries(mock(SetFaces.class), mock(BrandLogos.class), Clock.systemUTC());
        assertThat(deliveries.ofKind("presentation-wide")).isInstanceOf(PresentationTemplate.class);
        assertThatThrownBy(() -> deliveries.ofKind("PRESENTATION_WIDE")).isInstanceOf(UnknownDeliveryException.class);
    }

    @Test
    void everyKindHasAnAddressOfItsOwn() {
        assertThat(new Deliveries(mock(SetFaces.class), mock(BrandLogos.class), Clock.systemUTC()).all())
                .extracting(DeliveryWriter::kind)
                .doesNotHaveDuplicates()
                .allMatch(kind -> kind.matches("[a-z][a-z0-9-]+"));
    }
}
