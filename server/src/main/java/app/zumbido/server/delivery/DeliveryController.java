package app.zumbido.server.delivery;

import app.zumbido.core.brand.Look;
import app.zumbido.formats.delivery.Order;
import app.zumbido.formats.delivery.PagePictures;
import app.zumbido.formats.delivery.PictureSize;
import app.zumbido.formats.guide.NoSuchPageException;
import app.zumbido.formats.guide.TooManyPixelsException;
import app.zumbido.formats.parcel.Catalogue;
import app.zumbido.server.trail.BrandKeeper;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
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
    private final OpenPoints openPoints;

    DeliveryController(BrandKeeper keeper, Deliveries deliveries, OpenPoints openPoints) {
        this.keeper = keeper;
        this.deliveries = deliveries;
        this.openPoints = openPoints;
    }

    /**
     * Everything that can be handed over, and what stands in the way of each.
     *
     * @param theme the one that it is made in; absent: the one that is handed over first
     */
    @GetMapping
    List<ItemResponse> list(@PathVariable UUID id, @RequestParam(required = false) @Nullable UUID theme) {
        Look look = keeper.look(id, theme);
        return Catalogue.ITEMS.stream().map(item -> ItemResponse.of(item, look)).toList();
    }

    /**
     * What to look at before it goes out; none of it stands in the way.
     *
     * @param theme the one that it is made in; absent: the one that is handed over first
     */
    @GetMapping("/open-points")
    List<OpenPointResponse> openPoints(@PathVariable UUID id, @RequestParam(required = false) @Nullable UUID theme) {
        return openPoints.of(keeper.look(id, theme));
    }

    /**
     * Makes everything that usually goes out as one zip, from the brand as it stands; nothing is logged.
     *
     * @param theme the one that it is made in; absent: the one that is handed over first
     */
    @GetMapping("/" + Deliveries.PARCEL)
    ResponseEntity<byte[]> parcel(@PathVariable UUID id, @RequestParam(required = false) @Nullable UUID theme)
            throws IOException {
        Look look = keeper.look(id, theme);
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        deliveries
                .parcel(look, null)
                .write(Order.of(look, deliveries.assets(look.brand())), file, (path, writer, made, content) -> {});
        return answer(Deliveries.parcelName(look), "application/zip", file);
    }

    /**
     * Makes the file from the brand as it stands; nothing is logged.
     *
     * @param theme the one that it is made in; absent: the one that is handed over first
     * @param width of pictures that come in the size asked for, in pixels
     * @param height of them
     * @param scale of pages that are made into pictures: 1 to 4 times their size on a screen; absent: 2
     * @param page the only one that is drawn, 1 first; absent: all of them, beneath each other
     * @param paper whether the paper is drawn too; without it the ground is transparent
     */
    @GetMapping("/{kind}")
    ResponseEntity<byte[]> deliver(
            @PathVariable UUID id,
            @PathVariable String kind,
            @RequestParam(required = false) @Nullable UUID theme,
            @RequestParam(required = false) @Nullable Integer width,
            @RequestParam(required = false) @Nullable Integer height,
            @RequestParam(required = false) @Nullable Integer scale,
            @RequestParam(required = false) @Nullable Integer page,
            @RequestParam(defaultValue = "true") boolean paper)
            throws IOException {
        Delivery delivery = deliveries.prepare(kind, keeper.look(id, theme));
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        try {
            delivery.write(file, size(width, height), pages(scale, page, paper));
        } catch (NoSuchPageException | TooManyPixelsException e) {
            throw new PictureSizeException(e);
        }
        return answer(delivery.fileName(), delivery.mediaType(), file);
    }

    private static PictureSize size(@Nullable Integer width, @Nullable Integer height) {
        try {
            return new PictureSize(
                    width == null ? PictureSize.USUAL.width() : width,
                    height == null ? PictureSize.USUAL.height() : height);
        } catch (IllegalArgumentException e) {
            throw new PictureSizeException(e);
        }
    }

    private static PagePictures pages(@Nullable Integer scale, @Nullable Integer page, boolean paper) {
        try {
            return new PagePictures(
                    scale == null ? PagePictures.USUAL.scale() : scale, !paper, Optional.ofNullable(page));
        } catch (IllegalArgumentException e) {
            throw new PictureSizeException(e);
        }
    }

    private static ResponseEntity<byte[]> answer(String name, String mediaType, ByteArrayOutputStream file) {
        String disposition = ContentDisposition.attachment()
                .filename(name, StandardCharsets.UTF_8)
                .build()
                .toString();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition)
                .contentType(MediaType.parseMediaType(mediaType))
                .body(file.toByteArray());
    }
}
