package app.zumbido.server.delivery;

import app.zumbido.core.brand.Look;
import app.zumbido.core.logos.LogoForm;
import app.zumbido.core.theme.ThemeSlot;
import app.zumbido.formats.delivery.DeliveryWriter;
import app.zumbido.formats.delivery.Obstacle;
import app.zumbido.server.trail.BrandKeeper;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Files that are handed over. */
@RestController
@RequestMapping("/api/brands/{id}/deliveries")
class DeliveryController {
    private final BrandKeeper keeper;
    private final Deliveries deliveries;

    DeliveryController(BrandKeeper keeper, Deliveries deliveries) {
        this.keeper = keeper;
        this.deliveries = deliveries;
    }

    /**
     * Everything that can be handed over, and what stands in the way of each.
     *
     * @param theme the one that it is made in; absent: the one that is handed over first
     */
    @GetMapping
    List<DeliveryResponse> list(@PathVariable UUID id, @RequestParam(required = false) @Nullable UUID theme) {
        Look look = keeper.look(id, theme);
        return deliveries.all().stream()
                .map(writer -> DeliveryResponse.of(writer, look))
                .toList();
    }

    /**
     * Makes the file from the brand as it stands; nothing is logged.
     *
     * @param theme the one that it is made in; absent: the one that is handed over first
     */
    @GetMapping("/{kind}")
    ResponseEntity<byte[]> deliver(
            @PathVariable UUID id, @PathVariable String kind, @RequestParam(required = false) @Nullable UUID theme)
            throws IOException {
        Delivery delivery = deliveries.prepare(kind, keeper.look(id, theme));
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        delivery.write(file);
        String disposition = ContentDisposition.attachment()
                .filename(delivery.fileName(), StandardCharsets.UTF_8)
                .build()
                .toString();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition)
                .contentType(MediaType.parseMediaType(delivery.mediaType()))
                .body(file.toByteArray());
    }

    /**
     * @param kind part of its address
     * @param unfilled codes of the theme slots that stand empty in its way
     * @param missing the form of the logo that it needs and that there is not
     */
    record DeliveryResponse(
            String kind,
            String fileName,
            String mediaType,
            List<String> unfilled,
            @Nullable LogoForm missing) {
        static DeliveryResponse of(DeliveryWriter writer, Look look) {
            return new DeliveryResponse(
                    writer.kind(),
                    Deliveries.fileName(writer, look),
                    writer.mediaType(),
                    writer.obstacles(look).stream()
                            .flatMap(obstacle -> Deliveries.slots(obstacle).stream())
                            .map(ThemeSlot::code)
                            .toList(),
                    writer.obstacles(look).stream()
                            .flatMap(obstacle -> obstacle instanceof Obstacle.MissingForm missing
                                    ? Stream.of(missing.form())
                                    : Stream.empty())
                            .findFirst()
                            .orElse(null));
        }
    }
}
