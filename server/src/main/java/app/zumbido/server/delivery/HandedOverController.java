package app.zumbido.server.delivery;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What was handed over, when, and what has gone out of date since. */
@RestController
@RequestMapping("/api/brands/{id}/handed-over")
class HandedOverController {
    private final HandedOver log;

    HandedOverController(HandedOver log) {
        this.log = log;
    }

    /** The last ones first, a hundred at most. */
    @GetMapping
    List<HandedOverResponse> list(@PathVariable UUID id) {
        return log.ofBrand(id);
    }

    /** What has gone out of date of it, file by file. */
    @GetMapping("/{delivery}/since")
    SinceResponse since(@PathVariable UUID id, @PathVariable UUID delivery) {
        return log.since(id, delivery);
    }

    /** The file as it was. */
    @GetMapping("/{delivery}/file")
    ResponseEntity<byte[]> file(@PathVariable UUID id, @PathVariable UUID delivery) {
        HandedOverRow row = log.find(id, delivery);
        String disposition = ContentDisposition.attachment()
                .filename(row.fileName(), StandardCharsets.UTF_8)
                .build()
                .toString();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition)
                .contentType(MediaType.parseMediaType("application/zip"))
                .body(log.content(row));
    }
}
