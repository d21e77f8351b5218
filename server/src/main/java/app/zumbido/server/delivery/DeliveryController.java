package app.zumbido.server.delivery;

import app.zumbido.core.brand.Brand;
import app.zumbido.server.trail.BrandKeeper;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class DeliveryController {
    private final BrandKeeper keeper;
    private final Clock clock;

    DeliveryController(BrandKeeper keeper, Clock clock) {
        this.keeper = keeper;
        this.clock = clock;
    }

    /**
     * Makes the file from the brand as it stands; nothing is logged.
     *
     * @param theme the one that it is made in; absent: the one that is handed over first
     */
    @GetMapping("/api/brands/{id}/deliveries/{kind}")
    ResponseEntity<byte[]> deliver(
            @PathVariable UUID id, @PathVariable String kind, @RequestParam(required = false) @Nullable UUID theme) {
        DeliveryKind delivery = DeliveryKind.ofPath(kind).orElseThrow(() -> new UnknownDeliveryException(kind));
        Brand brand = keeper.seenIn(id, theme);
        String disposition = ContentDisposition.attachment()
                .filename(delivery.fileName(brand), StandardCharsets.UTF_8)
                .build()
                .toString();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition)
                .contentType(delivery.mediaType())
                .body(delivery.write(brand, clock.instant()));
    }
}
