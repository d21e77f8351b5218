package app.zumbido.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.io.TempDir;

/** What may go wrong around a server that runs, tried on a real one. */
@Timeout(180)
class TroublesJourney {
    private static final int STREAMS = 500;
    /** Half of the threads that the server answers with. */
    private static final int SLOW = 100;

    private static final Duration PATIENCE = Duration.ofSeconds(60);

    private final HttpClient client = HttpClient.newHttpClient();

    @TempDir
    private Path folder;

    private static Path data(Path folder) {
        return folder.resolve("data");
    }

    private HttpResponse<String> send(RunningServer server, String method, String path, String body)
            throws IOException, InterruptedException {
        return client.send(
                HttpRequest.newBuilder(URI.create(server.address() + path))
                        .timeout(Duration.ofSeconds(30))
                        .header("Content-Type", "application/json")
                        .header("If-Match", "*")
                        .method(method, BodyPublishers.ofString(body))
                        .build(),
                BodyHandlers.ofString());
    }

    private String brand(RunningServer server) throws IOException, InterruptedException {
        Matcher id = Pattern.compile("\"id\":\"([^\"]+)\"")
                .matcher(send(server, "POST", "/api/brands", "{\"name\":\"Ostrel Ferries\"}")
                        .body());
        assertThat(id.find()).isTrue();
        return "/api/brands/" + id.group(1);
    }

    private HttpResponse<String> upload(RunningServer server, String brand, byte[] file)
            throws IOException, InterruptedException {
        return client.send(
                HttpRequest.newBuilder(URI.create(server.address() + brand + "/sources"))
                        .timeout(Duration.ofSeconds(30))
                        .header("Content-Type", "multipart/form-data; boundary=B")
                        .POST(BodyPublishers.concat(
                                BodyPublishers.ofString(
                                        "--B\r\nContent-Disposition: form-data; name=\"file\"; filename=\"a.png\"\r\n\r\n"),
                                BodyPublishers.ofByteArray(file),
                                BodyPublishers.ofString("\r\n--B--\r\n")))
                        .build(),
                BodyHandlers.ofString());
    }

    private Socket open(RunningServer server, String request) throws IOException {
        Socket socket = new Socket("127.0.0.1", server.port());
        socket.setSoTimeout(30_000);
        socket.getOutputStream().write(request.getBytes(StandardCharsets.US_ASCII));
        socket.getOutputStream().flush();
        return socket;
    }

    private static BufferedReader reader(Socket socket) throws IOException {
        return new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8));
    }

    /** A stream says that it is still there for ever, so that no read of it ever takes too long. */
    private static String until(String line, BufferedReader in) throws IOException {
        long end = System.nanoTime() + PATIENCE.toNanos();
        String read = in.readLine();
        while (read != null && !read.startsWith(line) && System.nanoTime() < end) {
            read = in.readLine();
        }
        return String.valueOf(read);
    }

    /** Five hundred windows that only listen, and a hundred who never finish what they send: everybody else is served. */
    @Test
    void windowsThatListenAndBodiesThatNeverEndHoldNobodyUp() throws Exception {
        try (RunningServer server = RunningServer.start(data(folder), 0)) {
            String brand = brand(server);
            String host = "Host: localhost:" + server.port() + "\r\n";
            List<Socket> sockets = new ArrayList<>();
            List<BufferedReader> streams = new ArrayList<>();
            for (int i = 0; i < STREAMS; i++) {
                Socket socket = open(server, "GET /api/events HTTP/1.1\r\n" + host + "\r\n");
                sockets.add(socket);
                streams.add(reader(socket));
            }
            for (int i = 0; i < SLOW; i++) {
                sockets.add(open(
                        server,
                        "POST /api/brands HTTP/1.1\r\n" + host
                                + "Content-Type: application/json\r\nContent-Length: 1000\r\n\r\n{"));
            }
            // Nothing is told to those that have not been let in yet.
            for (BufferedReader stream : streams) {
                assertThat(until(":open", stream)).isEqualTo(":open");
            }
            HttpResponse<String> renamed = send(server, "PUT", brand + "/name", "{\"name\":\"Heard by all\"}");
            assertThat(renamed.statusCode()).isEqualTo(200);
            assertThat(upload(server, brand, Drawings.ferryLogo()).statusCode()).isEqualTo(201);
            for (BufferedReader stream : streams) {
                assertThat(until("data:", stream)).contains("\"revision\":2");
            }
            for (Socket socket : sockets) {
                socket.close();
            }
        }
    }

    @Test
    void aSecondServerOnOneFolderSaysSoAndEnds() throws Exception {
        try (RunningServer server = RunningServer.start(data(folder), 0)) {
            String brand = brand(server);
            assertThatThrownBy(() -> RunningServer.start(data(folder), 0))
                    .hasMessageContaining("Another Zumbido is using the data folder")
                    .hasMessageContaining("name another folder with --data");
            assertThat(send(server, "GET", brand, "").statusCode()).isEqualTo(200);
        }
    }

    /** A server that is told to end while files come in: those that were answered are there, and no others. */
    @Test
    void whatWasAnsweredBeforeTheEndIsThere() throws Exception {
        AtomicInteger answered = new AtomicInteger();
        AtomicInteger sent = new AtomicInteger();
        String brand;
        try (RunningServer server = RunningServer.start(data(folder), 0)) {
            brand = brand(server);
            byte[] picture = Drawings.ferryLogo();
            List<Thread> people = new ArrayList<>();
            for (int i = 0; i < 4; i++) {
                people.add(new Thread(() -> {
                    try {
                        while (true) {
                            sent.incrementAndGet();
                            if (upload(server, brand, picture).statusCode() == 201) {
                                answered.incrementAndGet();
                            }
                        }
                    } catch (IOException e) {
                        // It has ended.
                    } catch (InterruptedException e) {
                        Thread.currentThread().interrupt();
                    }
                }));
            }
            people.forEach(Thread::start);
            while (answered.get() < 12) {
                Thread.sleep(5);
            }
            server.end();
            for (Thread person : people) {
                person.join();
            }
        }
        try (RunningServer server = RunningServer.start(data(folder), 0)) {
            String sources = send(server, "GET", brand + "/sources", "").body();
            int kept = sources.split("\"addedAt\"", -1).length - 1;
            assertThat(kept).isBetween(answered.get(), sent.get());
        }
    }

    /** No file may grow beyond three megabytes, which to a program is as if the disk were full. */
    @Test
    void aFullDiskIsSaidAndNothingIsLost() throws Exception {
        List<String> limited = List.of("bash", "-c", "ulimit -f 3000; exec \"$@\"", "limited");
        byte[] large = new byte[4 << 20];
        System.arraycopy(Drawings.ferryLogo(), 0, large, 0, 8);
        String brand;
        try (RunningServer server = RunningServer.start(limited, data(folder), 0)) {
            brand = brand(server);
            HttpResponse<String> refused = upload(server, brand, large);
            assertThat(refused.statusCode()).isEqualTo(507);
            assertThat(refused.body()).contains("/problems/disk-full").contains("nothing was changed");
            assertThat(upload(server, brand, Drawings.ferryLogo()).statusCode()).isEqualTo(201);
            assertThat(send(server, "PUT", brand + "/name", "{\"name\":\"Goes on\"}")
                            .statusCode())
                    .isEqualTo(200);
        }
        try (RunningServer server = RunningServer.start(data(folder), 0)) {
            assertThat(send(server, "GET", brand, "").body()).contains("\"name\":\"Goes on\"");
        }
    }

    /** Ended in the middle of an upload, without a word: what was laid down for a while goes with the next start. */
    @Test
    void aServerThatWasKilledLeavesNothingLyingAbout() throws Exception {
        Path ofTheSystem = Files.createDirectories(folder.resolve("system"));
        List<String> there = List.of("env", "JAVA_TOOL_OPTIONS=-Djava.io.tmpdir=" + ofTheSystem);
        try (RunningServer server = RunningServer.start(there, data(folder), 0)) {
            String brand = brand(server);
            try (Socket half = open(
                    server,
                    "POST " + brand + "/sources HTTP/1.1\r\nHost: localhost:" + server.port()
                            + "\r\nContent-Type: multipart/form-data; boundary=B\r\nContent-Length: 4000000\r\n\r\n"
                            + "--B\r\nContent-Disposition: form-data; name=\"file\"; filename=\"a.png\"\r\n\r\n"
                            + "x".repeat(2_000_000))) {
                assertThat(half.isConnected()).isTrue();
                while (filesIn(data(folder).resolve("on-its-way/web")).isEmpty()) {
                    Thread.sleep(20);
                }
                server.kill();
            }
        }
        assertThat(filesIn(ofTheSystem)).isEmpty();
        try (RunningServer server = RunningServer.start(there, data(folder), 0)) {
            assertThat(brand(server)).isNotEmpty();
            assertThat(filesIn(data(folder).resolve("on-its-way/web"))).isEmpty();
        }
    }

    private static List<Path> filesIn(Path folder) throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            return files.filter(Files::isRegularFile).toList();
        }
    }
}
