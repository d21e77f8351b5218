package app.zumbido.server.source;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.server.ServerTest;
import app.zumbido.server.TestPictures;
import app.zumbido.server.trail.BrandKeeper;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.ByteBuffer;
import java.util.Optional;
import java.util.UUID;
import java.util.zip.CRC32;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

/** What is too large is refused with an answer that arrives, and what was there stays. */
@ServerTest
class UploadLimitsTest {
    @Autowired
    private BrandKeeper keeper;

    @LocalServerPort
    private int port;

    private UUID brand;

    @BeforeEach
    void begin() {
        brand = keeper.begin("Ostrel Ferries", Optional.empty()).brand().id();
    }

    private HttpResponse<String> upload(byte[] file) throws Exception {
        URI address = URI.create("http://localhost:" + port + "/api/brands/" + brand + "/sources");
        HttpRequest request = HttpRequest.newBuilder(address)
                .header("Content-Type", "multipart/form-data; boundary=b")
                .POST(BodyPublishers.concat(
                        BodyPublishers.ofString(
                                "--b\r\nContent-Disposition: form-data; name=\"file\"; filename=\"x.png\"\r\n\r\n"),
                        BodyPublishers.ofByteArray(file),
                        BodyPublishers.ofString("\r\n--b--\r\n")))
                .build();
        return HttpClient.newHttpClient().send(request, BodyHandlers.ofString());
    }

    private String sources() throws Exception {
        URI address = URI.create("http://localhost:" + port + "/api/brands/" + brand + "/sources");
        return HttpClient.newHttpClient()
                .send(HttpRequest.newBuilder(address).build(), BodyHandlers.ofString())
                .body();
    }

    @Test
    void refusesAFileAboveFiftyMegabytes() throws Exception {
        assertThat(upload(TestPictures.logo()).statusCode()).isEqualTo(201);
        HttpResponse<String> answer = upload(new byte[51 << 20]);
        assertThat(answer.statusCode()).isEqualTo(413);
        assertThat(answer.body()).contains("/problems/file-too-large");
        assertThat(sources()).contains("x.png");
    }

    @Test
    void refusesAPictureAboveAHundredMegapixelsBeforeDecoding() throws Exception {
        byte[] file = TestPictures.logo();
        ByteBuffer buffer = ByteBuffer.wrap(file).putInt(16, 20_000).putInt(20, 20_000);
        CRC32 crc = new CRC32();
        crc.update(file, 12, 17);
        buffer.putInt(29, (int) crc.getValue());
        HttpResponse<String> answer = upload(file);
        assertThat(answer.statusCode()).isEqualTo(413);
        assertThat(answer.body()).contains("/problems/picture-too-large");
        assertThat(sources()).isEqualTo("[]");
    }
}
