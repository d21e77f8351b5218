package app.zumbido.server.palette;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.palette.Companions;
import app.zumbido.core.palette.Swatch;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.formats.image.PngImage;
import app.zumbido.formats.svg.SvgFile;
import app.zumbido.formats.svg.TicketSheet;
import app.zumbido.server.http.WireNames;
import app.zumbido.server.trail.BrandKeeper;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The sheet of twelve made from three swatches, to look at and as a picture. */
@RestController
@RequestMapping("/api/brands/{id}/companions")
class CompanionsController {
    private static final int PER_ROW = 6;
    private static final MediaType SVG = MediaType.valueOf("image/svg+xml");

    private final BrandKeeper keeper;

    CompanionsController(BrandKeeper keeper) {
        this.keeper = keeper;
    }

    /** @param bases three swatches of the palette, the main one first */
    @GetMapping
    CompanionsResponse companions(
            @PathVariable UUID id,
            @RequestParam @Size(min = Companions.BASES, max = Companions.BASES) List<UUID> bases) {
        return new CompanionsResponse(
                sheet(id, bases).tickets().stream().map(CompanionResponse::of).toList());
    }

    /** As a drawing with codes. */
    @GetMapping("/svg")
    ResponseEntity<byte[]> svg(
            @PathVariable UUID id,
            @RequestParam @Size(min = Companions.BASES, max = Companions.BASES) List<UUID> bases) {
        return file(drawing(id, bases), SVG, "companions.svg");
    }

    /** As a picture with codes. */
    @GetMapping("/png")
    ResponseEntity<byte[]> png(
            @PathVariable UUID id,
            @RequestParam @Size(min = Companions.BASES, max = Companions.BASES) List<UUID> bases) {
        byte[] png = PngImage.scaled(SvgFile.read(drawing(id, bases)).draw(), Integer.MAX_VALUE);
        return file(png, MediaType.IMAGE_PNG, "companions.png");
    }

    /** Handed over as a file, never shown as a page. */
    private static ResponseEntity<byte[]> file(byte[] content, MediaType type, String name) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
                .contentType(type)
                .body(content);
    }

    private List<Swatch> swatches(UUID id, List<UUID> bases) {
        Brand brand = keeper.load(id).brand();
        return bases.stream()
                .map(base -> brand.palette().get(new SwatchId(base)))
                .toList();
    }

    private Companions sheet(UUID id, List<UUID> bases) {
        return Companions.of(swatches(id, bases).stream().map(Swatch::color).toList());
    }

    private byte[] drawing(UUID id, List<UUID> bases) {
        List<Swatch> swatches = swatches(id, bases);
        return TicketSheet.write(
                sheet(id, bases).tickets().stream()
                        .map(ticket -> new TicketSheet.Entry(
                                ticket.color(),
                                caption(ticket, swatches.get(ticket.base()).name())))
                        .toList(),
                PER_ROW);
    }

    private static String caption(Companions.Ticket ticket, String name) {
        return ticket.part() == Companions.Part.BASE ? name : name + ", " + WireNames.of(ticket.part());
    }

    /** @param tickets two rows of six, row after row */
    record CompanionsResponse(List<CompanionResponse> tickets) {}

    /**
     * @param part base, darker, lighter or brighter
     * @param base number of the base that it belongs to, 0 first
     */
    record CompanionResponse(String hex, String ink, String part, int base) {
        static CompanionResponse of(Companions.Ticket ticket) {
            return new CompanionResponse(
                    ticket.color().hex(), ticket.color().ink().hex(), WireNames.of(ticket.part()), ticket.base());
        }
    }
}
