package app.zumbido.server.guard;

import static org.assertj.core.api.Assertions.assertThat;

import app.zumbido.server.ServerTest;
import java.io.IOException;
import java.io.OutputStream;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.test.web.server.LocalServerPort;

/** Raw requests, since clients set Host and Origin by themselves. */
@ServerTest
class OriginGuardTest {
    @LocalServerPort
    private int port;

    private String answer(String method, String host, String... headers) throws IOException {
        String body = method.equals("GET") ? "" : "{\"name\":\"X\"}";
        StringBuilder request = new StringBuilder(method + " /api/brands HTTP/1.1\r\nHost: " + host + "\r\n");
        for (String header : headers) {
            request.append(header).append("\r\n");
        }
        request.append("Content-Type: application/json\r\nConnection: close\r\nContent-Length: ")
                .append(body.length())
                .append("\r\n\r\n")
                .append(body);
        try (Socket socket = new Socket("127.0.0.1", port)) {
            OutputStream out = socket.getOutputStream();
            out.write(request.toString().getBytes(StandardCharsets.UTF_8));
            out.flush();
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"localhost", "127.0.0.1", "[::1]"})
    void answersUnderItsOwnNames(String host) throws IOException {
        assertThat(answer("GET", host + ":" + port)).startsWith("HTTP/1.1 200");
        assertThat(answer("POST", host + ":" + port)).startsWith("HTTP/1.1 201");
    }

    @Test
    void refusesAForeignHost() throws IOException {
        for (String host :
                new String[] {"evil.example:" + port, "localhost", "localhost:1", "localhost.evil:" + port}) {
            assertThat(answer("GET", host)).as(host).startsWith("HTTP/1.1 403").contains("/problems/foreign-request");
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Origin: http://evil.example",
                "Origin: null",
                "Sec-Fetch-Site: cross-site",
                "Sec-Fetch-Site: same-site"
            })
    void refusesChangesFromElsewhere(String header) throws IOException {
        assertThat(answer("POST", "localhost:" + port, header)).startsWith("HTTP/1.1 403");
        assertThat(answer("GET", "localhost:" + port, header)).startsWith("HTTP/1.1 200");
    }

    @Test
    void takesChangesFromItsOwnPage() throws IOException {
        String origin = "Origin: http://localhost:" + port;
        assertThat(answer("POST", "localhost:" + port, origin, "Sec-Fetch-Site: same-origin"))
                .startsWith("HTTP/1.1 201");
    }

    @Test
    void sendsItsPolicyWithEveryAnswer() throws IOException {
        assertThat(answer("GET", "localhost:" + port))
                .contains(
                        "Content-Security-Policy: default-src 'none'",
                        "X-Content-Type-Options: nosniff",
                        "Cross-Origin-Resource-Policy: same-origin");
    }
}
