package app.zumbido.server.pack;

import app.zumbido.core.brand.Brand;
import app.zumbido.server.answer.BrandResponse;
import app.zumbido.server.http.ETags;
import app.zumbido.server.http.PlainName;
import app.zumbido.server.storage.DataFolder;
import app.zumbido.server.trail.KeptBrand;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** Whole brands as files. */
@RestController
class PackageController {
    /** A package is larger than any single upload; bytes. */
    private static final long LARGEST = 1L << 30;

    private static final MediaType ZIP = MediaType.parseMediaType("application/zip");
    private static final int BUFFER = 1 << 16;

    private final PackageService service;
    private final DataFolder folder;

    PackageController(PackageService service, DataFolder folder) {
        this.service = service;
        this.folder = folder;
    }

    /** @param brands those that go into one package */
    @GetMapping(path = "/api/packages", produces = "application/zip")
    ResponseEntity<StreamingResponseBody> send(@RequestParam @Size(min = 1, max = 1000) List<UUID> brands) {
        List<PackagedBrand> packed = service.pack(brands);
        String stem = service.stem(packed);
        String disposition = ContentDisposition.attachment()
                .filename(stem + ".zumbido.zip", StandardCharsets.UTF_8)
                .build()
                .toString();
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition)
                .contentType(ZIP)
                .body(out -> service.write(packed, out));
    }

    /** Takes in every brand of a package, or none of them; one whose id is known already becomes a brand of its own. */
    @PostMapping(path = "/api/packages", consumes = "application/zip")
    TakenInResponse takeIn(InputStream body) throws IOException {
        Path file = Files.createTempFile(folder.onItsWay(), "package", null);
        try {
            copy(body, file);
            return new TakenInResponse(
                    service.takeIn(file).stream().map(TakenInBrandResponse::of).toList());
        } finally {
            Files.delete(file);
        }
    }

    private static void copy(InputStream body, Path file) throws IOException {
        byte[] buffer = new byte[BUFFER];
        long copied = 0;
        try (OutputStream out = Files.newOutputStream(file)) {
            for (int read = body.read(buffer); read >= 0; read = body.read(buffer)) {
                copied += read;
                if (copied > LARGEST) {
                    throw new PackageException("A package may have " + (LARGEST >> 30) + " GB");
                }
                out.write(buffer, 0, read);
            }
        }
    }

    /** Makes a brand of its own from one that exists. */
    @PostMapping("/api/brands/{id}/copy")
    @ResponseStatus(HttpStatus.CREATED)
    ResponseEntity<BrandResponse> copy(@PathVariable UUID id, @Valid @RequestBody CopyRequest request) {
        KeptBrand kept = service.copy(id, request.name().strip());
        return ResponseEntity.created(URI.create("/api/brands/" + kept.brand().id()))
                .eTag(ETags.of(kept.brand().revision()))
                .body(BrandResponse.of(kept));
    }

    /** @param name of the new brand */
    record CopyRequest(
            @NotNull @PlainName(max = Brand.LONGEST_NAME) String name) {}

    record TakenInResponse(List<TakenInBrandResponse> brands) {}

    /** @param copy whether a brand of the same id was known, so that this one got another */
    record TakenInBrandResponse(UUID id, String name, boolean copy) {
        static TakenInBrandResponse of(PackageService.TakenIn taken) {
            return new TakenInBrandResponse(taken.brand().id(), taken.brand().name(), taken.copy());
        }
    }
}
