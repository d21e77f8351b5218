package app.zumbido.server.backup;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** Everything as one file. */
@RestController
class BackupController {
    private final Backups backups;
    private final Clock clock;

    BackupController(Backups backups, Clock clock) {
        this.backups = backups;
        this.clock = clock;
    }

    /** A zip with the database and every file, of one moment; {@code ./zumbido restore FILE} puts it back. */
    @GetMapping(path = "/api/backup", produces = "application/zip")
    ResponseEntity<StreamingResponseBody> everything() {
        String name = "zumbido-" + LocalDate.now(clock.withZone(ZoneOffset.UTC)) + ".zip";
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .contentType(MediaType.parseMediaType("application/zip"))
                .body(backups::writeTo);
    }
}
