package app.zumbido.server.delivery;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;

import app.zumbido.core.brand.Brand;
import app.zumbido.formats.layouts.SlideSize;
import app.zumbido.formats.office.slides.PresentationTemplate;
import app.zumbido.server.logos.BrandLogos;
import app.zumbido.server.logos.LogoSources;
import app.zumbido.server.type.SetFaces;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

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
        Deliveries deliveries = new Deliveries(mock(SetFaces.class), mock(BrandLogos.class), mock(LogoSources.class));
        assertThat(deliveries.ofKind("presentation-wide")).isInstanceOf(PresentationTemplate.class);
        assertThatThrownBy(() -> deliveries.ofKind("PRESENTATION_WIDE")).isInstanceOf(UnknownDeliveryException.class);
    }

    /** The addresses that other programs call. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "presentation-wide",
                "presentation-standard",
                "document",
                "workbook",
                "odf-presentation",
                "odf-document",
                "css",
                "tokens",
                "text",
                "csv",
                "svg",
                "png",
                "theme"
            })
    void everyFixedKindIsHandedOver(String kind) {
        assertThat(new Deliveries(mock(SetFaces.class), mock(BrandLogos.class), mock(LogoSources.class))
                        .ofKind(kind)
                        .kind())
                .isEqualTo(kind)
                .matches("[a-z][a-z0-9-]+");
    }

    @Test
    void aParcelOfWhatNobodyKnowsOrCanMakeIsRefused() {
        Deliveries deliveries = new Deliveries(mock(SetFaces.class), mock(BrandLogos.class), mock(LogoSources.class));
        Brand empty = Brand.begin(new UUID(0, 1), "New", Optional.empty(), new UUID(0, 2));
        assertThatThrownBy(() -> deliveries.parcel(empty.look(), List.of("dreams")))
                .isInstanceOf(UnknownDeliveryException.class);
        assertThatThrownBy(() -> deliveries.parcel(empty.look(), List.of("presentation")))
                .isInstanceOf(EmptyParcelException.class);
        assertThatThrownBy(() -> deliveries.parcel(empty.look(), List.of())).isInstanceOf(EmptyParcelException.class);
        assertThat(deliveries.parcel(empty.look(), null).items()).contains("codes", "presentation");
    }
}
